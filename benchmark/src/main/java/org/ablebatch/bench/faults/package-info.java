/** Faults planted into good mattes, and how many of them the inspector finds. */
package org.ablebatch.bench.faults;

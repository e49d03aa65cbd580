/** Whether one natural gesture mends a planted fault. */
package org.ablebatch.bench.mending;

/** Long computations that can be stopped. */
package org.ablebatch.core.work;

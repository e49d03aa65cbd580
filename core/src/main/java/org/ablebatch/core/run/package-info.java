/**
 * How a batch is cut in the background: which goes first, how long it takes. Start from {@link
 * org.ablebatch.core.run.TimeLeft}.
 */
package org.ablebatch.core.run;

/**
 * A whole day's batch through the whole application: how quickly it comes in, how quickly it is
 * cut, what it costs in memory, and how long people wait meanwhile. Start from {@link
 * org.ablebatch.bench.load.LoadCommand}.
 */
package org.ablebatch.bench.load;

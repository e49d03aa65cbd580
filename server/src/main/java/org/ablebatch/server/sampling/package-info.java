/**
 * Batches accepted by a sample. Start from {@link org.ablebatch.server.sampling.SamplingService};
 * the tables and rules are core's.
 */
package org.ablebatch.server.sampling;

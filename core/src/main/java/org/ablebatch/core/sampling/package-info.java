/**
 * Acceptance sampling of a batch by attributes, after ISO 2859-1:1999, single sampling plans. Start
 * from {@link org.ablebatch.core.sampling.SamplingTable}.
 */
package org.ablebatch.core.sampling;

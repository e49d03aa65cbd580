package org.ablebatch.core.cut;

import org.ablebatch.core.subject.SubjectRegion;

/**
 * One way that was carried out as far as the region.
 *
 * @param facts of the region, as the judge knows them
 * @param expectedError what the judge expects to be wrong, as a share of the subject, 0..1; NaN
 *     where nobody judged
 */
public record Attempt(Method method, SubjectRegion region, float[] facts, double expectedError) {}

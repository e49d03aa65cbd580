package org.ablebatch.server.sampling;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;

/**
 * A plan, and the sample that was drawn by it.
 *
 * @param level I, II or III
 * @param limit quality limit in percent, one of the standard's numbers
 * @param strictness normal, tightened or reduced, for the next or the drawn lot
 * @param stopped five lots failed under tightened inspection: the cause is to be found first
 * @param lotSize pictures that wait to be checked, or waited when it was drawn
 * @param letter code letter
 * @param acceptUpTo at most so many faulty ones
 * @param rejectFrom from so many on the lot is not accepted
 * @param pictures ids of the sample; empty before one is drawn
 * @param verdict none, open, accepted or not-accepted
 * @param recorded the batch has a record, of this sample or of an earlier one
 */
@Schema(name = "Sampling")
record SamplingView(
    String level,
    String limit,
    String strictness,
    boolean stopped,
    int lotSize,
    String letter,
    int sampleSize,
    int acceptUpTo,
    int rejectFrom,
    List<Long> pictures,
    int judged,
    int faulty,
    String verdict,
    Instant drawnAt,
    boolean recorded) {}

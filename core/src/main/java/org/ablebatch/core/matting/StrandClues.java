package org.ablebatch.core.matting;

import org.ablebatch.core.prior.LearnedTrees;
import org.ablebatch.core.raster.Plane;

/**
 * What is known, beside the trimap, of places where strands leave it to the colours to decide.
 *
 * @param trees their sum is how much of a pixel is subject, from {@link StrandFacts}
 * @param evidence what each pixel's own colour says, above 0 = subject; the trimap's size
 * @param guess learned guess at the subject, 0..1; the trimap's size
 * @param mixed where somebody said that fine subject and backdrop are mixed: only colours count
 */
public record StrandClues(LearnedTrees trees, Plane evidence, Plane guess, boolean[] mixed) {}

package org.ablebatch.core.check;

import org.ablebatch.core.backdrop.Backdrop;
import org.ablebatch.core.backdrop.BackdropKind;
import org.ablebatch.core.matting.BandMatting;
import org.ablebatch.core.scene.Scene;
import org.ablebatch.core.subject.SubjectRegion;

/**
 * An estimate of how likely a cutout passes as it is, with the parts it is made of, each 0..1 and 1
 * = nothing to worry about.
 *
 * @param percent 0..100
 * @param separation how far subject and backdrop colours lie apart along the outline
 * @param decided share of the picture's doubtful pixels that are not near the subject's size
 * @param backdrop how well the backdrop is understood
 * @param freedom how little of the picture's border the subject touches
 * @param extent 1 for a subject of usual size, less when nearly nothing or nearly all is kept
 * @param agreement how well the learned guess agrees; 1 without a prior
 * @param outline share of the outline that runs along an edge of the picture
 * @param ownColours share of what is kept whose colour does not speak for the backdrop
 */
public record Confidence(
    int percent,
    double separation,
    double decided,
    double backdrop,
    double freedom,
    double extent,
    double agreement,
    double outline,
    double ownColours) {
  private static final float SPEAKS_AGAINST = -0.2f;
  private static final double GOOD_CONTRAST = 0.22;
  private static final double BUSY_TRUST = 0.62;
  private static final double BUSY_TRUST_ALONE = 0.45;

  /** At this noise around the surface, half the trust is gone. */
  private static final double ROUGH_SIGMA = 0.018;

  private static final double FITTED_ENOUGH = 0.9;

  /** For a cutout that nobody had to guess at, such as a file's own transparency. */
  public static Confidence given(int percent) {
    return new Confidence(percent, 1, 1, 1, 1, 1, 1, 1, 1);
  }

  /** The same parts under another estimate of the whole. */
  public Confidence withPercent(int other) {
    return new Confidence(
        other, separation, decided, backdrop, freedom, extent, agreement, outline, ownColours);
  }

  public static Confidence of(Scene scene, SubjectRegion region, BandMatting.Result matte) {
    int subject = 0;
    int doubtful = 0;
    int against = 0;
    for (int i = 0; i < region.subject().length; i++) {
      subject += region.subject()[i] ? 1 : 0;
      doubtful += region.doubtful()[i] ? 1 : 0;
      against += region.subject()[i] && region.evidence()[i] < SPEAKS_AGAINST ? 1 : 0;
    }
    double share = subject / (double) region.subject().length;
    double separation = Math.min(1, matte.contrast() / GOOD_CONTRAST);
    double decided = 1 / (1 + doubtful / Math.max(1.0, subject));
    double understood = understood(scene);
    double freedom = 1 - Math.min(1, 2 * Outline.borderShare(region));
    double extent = Math.min(1, share / 0.02) * Math.min(1, (1 - share) / 0.1);
    double agreement = Agreement.withGuess(scene, region);
    double outline = Outline.onEdges(scene, region);
    double ownColours = 1 - against / Math.max(1.0, subject);
    double all =
        understood
            * (0.55 + 0.45 * separation)
            * (0.6 + 0.4 * decided)
            * (0.75 + 0.25 * freedom)
            * (0.2 + 0.8 * agreement)
            * (0.4 + 0.6 * outline)
            * (1 - leastOwn(scene) + leastOwn(scene) * ownColours)
            * extent;
    return new Confidence(
        (int) Math.round(100 * all),
        separation,
        decided,
        understood,
        freedom,
        extent,
        agreement,
        outline,
        ownColours);
  }

  /** On a known backdrop a part of its colour is judged by its outline as well; in a scene not. */
  private static double leastOwn(Scene scene) {
    return scene.backdrop().kind() == BackdropKind.BUSY ? 0.6 : 0.3;
  }

  private static double understood(Scene scene) {
    Backdrop backdrop = scene.backdrop();
    if (backdrop.kind() == BackdropKind.BUSY) {
      return scene.subjectPrior().isPresent() ? BUSY_TRUST : BUSY_TRUST_ALONE;
    }
    double rough = backdrop.sigma() / ROUGH_SIGMA;
    return Math.min(1, backdrop.fittedShare() / FITTED_ENOUGH) / (1 + rough * rough);
  }
}

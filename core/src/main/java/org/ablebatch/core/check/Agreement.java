package org.ablebatch.core.check;

import org.ablebatch.core.raster.Morphology;
import org.ablebatch.core.scene.Scene;
import org.ablebatch.core.subject.SubjectRegion;

/** Two ways that saw the same picture: what was kept, and what the learned prior expected. */
final class Agreement {
  private static final float SURE = 0.85f;
  private static final float UNLIKELY = 0.08f;

  /** Openings are filled by the prior, so what lies this near the subject counts as kept. */
  private static final int NEAR = 6;

  private Agreement() {}

  /**
   * @return 0..1: the share of the sure guess that was kept, less what was kept against the guess;
   *     1 without a prior
   */
  static double withGuess(Scene scene, SubjectRegion region) {
    if (scene.subjectPrior().isEmpty()) {
      return 1;
    }
    float[] guess = scene.subjectPrior().get().values();
    boolean[] near = Morphology.dilate(region.subject(), region.width(), region.height(), NEAR);
    int sure = 0;
    int found = 0;
    int kept = 0;
    int strays = 0;
    for (int i = 0; i < guess.length; i++) {
      if (guess[i] > SURE) {
        sure++;
        found += near[i] ? 1 : 0;
      }
      if (region.subject()[i]) {
        kept++;
        strays += guess[i] < UNLIKELY ? 1 : 0;
      }
    }
    double recall = sure == 0 ? 0.5 : found / (double) sure;
    return recall * (1 - strays / Math.max(1.0, kept));
  }
}

package org.ablebatch.core.judge;

import org.ablebatch.core.backdrop.BackdropKind;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.scene.Scene;
import org.ablebatch.core.subject.SubjectRegion;

/**
 * When the smooth way is believed without a contest. On a backdrop that a surface describes it sees
 * openings and white things that guesses fill or leave out, and where it goes wrong it goes far
 * wrong: it keeps what no guess knows of, or misses most of what the guess is sure of. The second
 * bound is where other ways begin to be better on made pictures; the first was set tighter than
 * that by hand, looking at handed-out pictures too (prior/train/NOTES.md).
 */
public final class Sight {
  private static final float UNLIKELY = 0.2f;
  private static final float SURE = 0.8f;
  private static final double MOST_AGAINST = 0.05;
  private static final double MOST_MISSED = 0.66;

  private Sight() {}

  public static boolean isClear(Scene scene, SubjectRegion smooth) {
    if (scene.backdrop().kind() == BackdropKind.BUSY
        || scene.backdrop().isTextured()
        || smooth.area() == 0) {
      return false;
    }
    return scene.subjectPrior().map(guess -> agrees(guess, smooth.subject())).orElse(true);
  }

  private static boolean agrees(Plane guess, boolean[] kept) {
    int area = 0;
    int against = 0;
    int sure = 0;
    int missed = 0;
    for (int i = 0; i < kept.length; i++) {
      float p = guess.values()[i];
      area += kept[i] ? 1 : 0;
      against += kept[i] && p < UNLIKELY ? 1 : 0;
      sure += p > SURE ? 1 : 0;
      missed += !kept[i] && p > SURE ? 1 : 0;
    }
    return against < MOST_AGAINST * area && missed < MOST_MISSED * Math.max(1, sure);
  }
}

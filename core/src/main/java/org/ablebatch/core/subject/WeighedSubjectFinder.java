package org.ablebatch.core.subject;

import org.ablebatch.core.backdrop.BackdropKind;
import org.ablebatch.core.color.ColourTable;
import org.ablebatch.core.raster.Components;
import org.ablebatch.core.scene.Scene;
import org.ablebatch.core.work.Pulse;

/** The subject as all evidence together has it: learned log odds, and a minimum cut over edges. */
public final class WeighedSubjectFinder implements SubjectFinder {
  private static final float MOST = 4;
  private static final float SLIGHT = 0.9f;
  private static final double LEAST_PART = 0.0006;
  private static final double LEAST_BESIDE = 0.01;

  private final Weighed weighed;

  public WeighedSubjectFinder(Weighed weighed) {
    this.weighed = weighed;
  }

  @Override
  public SubjectRegion find(Scene scene, Pulse pulse) {
    float[] probability = weighed.full().values();
    float[] odds = new float[probability.length];
    boolean[] doubtful = new boolean[odds.length];
    for (int i = 0; i < odds.length; i++) {
      float p = Math.max(0.001f, Math.min(0.999f, probability[i]));
      odds[i] = (float) Math.max(-MOST, Math.min(MOST, Math.log(p / (1 - p))));
      doubtful[i] = Math.abs(odds[i]) < 1;
    }
    boolean[] subject = ContrastCut.divide(scene.lab(), odds);
    pulse.beat();
    boolean[] dropped = dropCrumbs(subject, scene.width(), scene.height());
    return new SubjectRegion(
        scene.width(), scene.height(), subject, doubtful, evidence(scene, probability), dropped);
  }

  /** What a place's own colour says, for strands and for the confidence. */
  private static float[] evidence(Scene scene, float[] probability) {
    if (scene.backdrop().kind() != BackdropKind.BUSY) {
      return BackdropLikeness.measure(scene.lab(), scene.backdrop()).evidence();
    }
    int[] cells = ColourTable.cells(scene.lab());
    float[] out = new float[probability.length];
    for (int i = 0; i < out.length; i++) {
      out[i] = 1 - probability[i];
    }
    float[] contrast =
        ColourContrast.logOdds(
            ColourTable.density(cells, probability), ColourTable.shadedDensity(cells, out));
    for (int i = 0; i < out.length; i++) {
      out[i] = contrast[cells[i]] - SLIGHT;
    }
    return out;
  }

  private static boolean[] dropCrumbs(boolean[] subject, int width, int height) {
    Components parts = Components.of(subject, width, height, true);
    int largest = parts.regions().stream().mapToInt(Components.Region::area).max().orElse(0);
    double least = Math.max(LEAST_PART * subject.length, LEAST_BESIDE * largest);
    boolean[] dropped = new boolean[subject.length];
    for (int i = 0; i < subject.length; i++) {
      int label = parts.labels()[i];
      dropped[i] = label > 0 && parts.regions().get(label - 1).area() < least;
      subject[i] &= !dropped[i];
    }
    return dropped;
  }
}

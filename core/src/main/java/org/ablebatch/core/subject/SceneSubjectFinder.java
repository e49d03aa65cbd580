package org.ablebatch.core.subject;

import org.ablebatch.core.color.ColourTable;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Components;
import org.ablebatch.core.reading.HalfSize;
import org.ablebatch.core.scene.Scene;
import org.ablebatch.core.work.Pulse;

/**
 * The subject where no surface describes what is behind it: colour odds between a guess and its
 * surroundings, the guess itself, and the picture's edges, brought together by a minimum cut
 * (Boykov &amp; Jolly, 2001) and re-estimated from its own result (Rother et al., GrabCut, 2004).
 * The guess is the learned prior; without one, the middle of the picture.
 */
public final class SceneSubjectFinder implements SubjectFinder {
  private static final int ROUNDS = 4;
  private static final double LEAST_PART = 0.002;
  private static final float PRIOR_WEIGHT = 0.8f;
  private static final float MOST_PRIOR = 3f;

  /** So much must a colour speak for the subject before a thin thing outside counts as a strand. */
  private static final float SLIGHT = 0.9f;

  @Override
  public SubjectRegion find(Scene scene, Pulse pulse) {
    float[] guess = scene.subjectPrior().map(p -> p.values()).orElseGet(() -> centre(scene));
    ColorPlanes small = HalfSize.of(scene.lab());
    float[] smallGuess = HalfSize.of(guess, scene.width(), scene.height());
    float[] kept = smallGuess;
    int[] cells = ColourTable.cells(small);
    float[] odds = null;
    for (int round = 0; round < ROUNDS; round++) {
      odds = odds(cells, kept, smallGuess, small.width(), small.height());
      pulse.beat();
      kept = asWeights(ContrastCut.divide(small, perPixel(cells, odds, smallGuess)));
    }
    int[] fineCells = ColourTable.cells(scene.lab());
    float[] costs = perPixel(fineCells, odds, guess);
    boolean[] subject = ContrastCut.divide(scene.lab(), costs);
    boolean[] dropped = keepLargeParts(subject, scene.width(), scene.height());
    boolean[] doubtful = new boolean[subject.length];
    for (int i = 0; i < doubtful.length; i++) {
      doubtful[i] = Math.abs(costs[i]) < 1;
    }
    float[] evidence = new float[subject.length];
    for (int i = 0; i < evidence.length; i++) {
      evidence[i] = odds[fineCells[i]] - SLIGHT;
    }
    return new SubjectRegion(scene.width(), scene.height(), subject, doubtful, evidence, dropped);
  }

  private static float[] odds(int[] cells, float[] kept, float[] guess, int width, int height) {
    float[] in = new float[kept.length];
    float[] out = new float[kept.length];
    for (int i = 0; i < kept.length; i++) {
      in[i] = kept[i] * (0.2f + guess[i]);
      out[i] = (1 - kept[i]) * (1.2f - guess[i]);
    }
    return ColourContrast.logOdds(
        ColourTable.density(cells, in), ColourTable.shadedDensity(cells, out));
  }

  private static float[] perPixel(int[] cells, float[] odds, float[] guess) {
    float[] out = new float[cells.length];
    for (int i = 0; i < out.length; i++) {
      double p = Math.max(0.01, Math.min(0.99, guess[i]));
      double logit = Math.max(-MOST_PRIOR, Math.min(MOST_PRIOR, Math.log(p / (1 - p))));
      out[i] = (float) (odds[cells[i]] + PRIOR_WEIGHT * logit);
    }
    return out;
  }

  private static float[] asWeights(boolean[] set) {
    float[] out = new float[set.length];
    for (int i = 0; i < out.length; i++) {
      out[i] = set[i] ? 1 : 0;
    }
    return out;
  }

  private static float[] centre(Scene scene) {
    float[] out = new float[scene.width() * scene.height()];
    for (int y = 0; y < scene.height(); y++) {
      for (int x = 0; x < scene.width(); x++) {
        double u = (x + 0.5) / scene.width() * 2 - 1;
        double v = (y + 0.5) / scene.height() * 2 - 1;
        out[y * scene.width() + x] = (float) (0.06 + 0.82 * Math.exp(-u * u / 0.45 - v * v / 0.6));
      }
    }
    return out;
  }

  /** Returns what was removed. */
  private static boolean[] keepLargeParts(boolean[] subject, int width, int height) {
    Components parts = Components.of(subject, width, height, true);
    int largest = parts.regions().stream().mapToInt(Components.Region::area).max().orElse(0);
    double least = Math.max(LEAST_PART * subject.length, 0.05 * largest);
    boolean[] dropped = new boolean[subject.length];
    for (int i = 0; i < subject.length; i++) {
      int label = parts.labels()[i];
      subject[i] = label > 0 && parts.regions().get(label - 1).area() >= least;
      dropped[i] = label > 0 && !subject[i];
    }
    return dropped;
  }
}

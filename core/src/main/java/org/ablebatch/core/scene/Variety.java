package org.ablebatch.core.scene;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Chooses a few scenes that stand for many: first the most ordinary one, then again and again the
 * one least like those chosen (farthest-point clustering, Gonzalez 1985, section 3).
 */
public final class Variety {
  private Variety() {}

  /**
   * @param scenes any number
   * @param count how many are wanted
   * @return places in {@code scenes}, the most ordinary first; fewer when there are not so many
   */
  public static List<Integer> choose(List<SceneFacts> scenes, int count) {
    List<Integer> chosen = new ArrayList<>();
    if (scenes.isEmpty() || count < 1) {
      return chosen;
    }
    double[] toNearest = new double[scenes.size()];
    Arrays.fill(toNearest, Double.MAX_VALUE);
    int next = mostOrdinary(scenes);
    while (chosen.size() < count && toNearest[next] > 0) {
      chosen.add(next);
      int farthest = next;
      toNearest[next] = 0;
      for (int i = 0; i < scenes.size(); i++) {
        toNearest[i] = Math.min(toNearest[i], scenes.get(i).distanceTo(scenes.get(next)));
        farthest = toNearest[i] > toNearest[farthest] ? i : farthest;
      }
      next = farthest;
    }
    for (int i = 0; chosen.size() < Math.min(count, scenes.size()); i++) {
      if (!chosen.contains(i)) {
        chosen.add(i);
      }
    }
    return chosen;
  }

  /** The one nearest to the mean of all. */
  private static int mostOrdinary(List<SceneFacts> scenes) {
    float[] mean = new float[SceneFacts.COUNT];
    for (SceneFacts scene : scenes) {
      for (int i = 0; i < mean.length; i++) {
        mean[i] += scene.values()[i] / scenes.size();
      }
    }
    SceneFacts middle = new SceneFacts(mean);
    int best = 0;
    for (int i = 1; i < scenes.size(); i++) {
      if (scenes.get(i).distanceTo(middle) < scenes.get(best).distanceTo(middle)) {
        best = i;
      }
    }
    return best;
  }
}

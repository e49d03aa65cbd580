package org.ablebatch.core.subject;

import java.util.List;
import org.ablebatch.core.prior.EvidenceNetwork;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.scene.Scene;

/**
 * What all evidence together comes to.
 *
 * @param evidence as {@link Evidence} lays it out, at half the reading size
 * @param half probability of subject, 0..1, on the same grid
 * @param full the same at reading size
 */
public record Weighed(List<Plane> evidence, Plane half, Plane full) {

  /**
   * @param halved the scene at half its size
   */
  public static Weighed in(Scene scene, Scene halved, EvidenceNetwork network) {
    List<Plane> evidence = Evidence.of(scene, halved);
    Plane half = network.weigh(evidence);
    return new Weighed(evidence, half, enlarged(half, scene.width(), scene.height()));
  }

  /**
   * Of what the guess takes for subject, the share whose colours speak for the surroundings, 0..1:
   * much of glass, little of solid things.
   */
  public double alikeInside() {
    float[] guess = evidence.get(EvidencePlane.SUBJECT_PRIOR.ordinal()).values();
    float[] colours = evidence.get(EvidencePlane.COLOURS.ordinal()).values();
    int inside = 0;
    int alike = 0;
    for (int i = 0; i < guess.length; i++) {
      if (guess[i] > 0) {
        inside++;
        alike += colours[i] < 0 ? 1 : 0;
      }
    }
    return alike / Math.max(1.0, inside);
  }

  /** For the scene at half its size. */
  public Weighed halved() {
    return new Weighed(evidence, half, half);
  }

  /** Bilinearly, with the centres of two by two pixels on those of the halved ones. */
  private static Plane enlarged(Plane half, int width, int height) {
    float[] out = new float[width * height];
    for (int y = 0; y < height; y++) {
      float v = Math.max(0, Math.min(half.height() - 1f, y / 2f - 0.25f));
      int y0 = (int) v;
      int y1 = Math.min(half.height() - 1, y0 + 1);
      float fy = v - y0;
      for (int x = 0; x < width; x++) {
        float u = Math.max(0, Math.min(half.width() - 1f, x / 2f - 0.25f));
        int x0 = (int) u;
        int x1 = Math.min(half.width() - 1, x0 + 1);
        float fx = u - x0;
        out[y * width + x] =
            (1 - fy) * ((1 - fx) * half.at(x0, y0) + fx * half.at(x1, y0))
                + fy * ((1 - fx) * half.at(x0, y1) + fx * half.at(x1, y1));
      }
    }
    return new Plane(width, height, out);
  }
}

package org.ablebatch.core.dress;

import org.ablebatch.core.color.Srgb;
import org.ablebatch.core.look.Colour;

/** Laying colours over a pixel of a row (Porter &amp; Duff, Compositing Digital Images, 1984). */
final class Over {
  private Over() {}

  /** R, G, B in linear light. */
  static float[] linear(Colour colour) {
    return new float[] {
      Srgb.toLinear(colour.rgb() >> 16 & 0xFF),
      Srgb.toLinear(colour.rgb() >> 8 & 0xFF),
      Srgb.toLinear(colour.rgb() & 0xFF)
    };
  }

  /**
   * @param i where the pixel begins in the row
   * @param coverage 0..1
   */
  static void colour(float[] row, int i, float[] linear, float coverage) {
    float rest = 1 - coverage;
    row[i] = linear[0] * coverage + rest * row[i];
    row[i + 1] = linear[1] * coverage + rest * row[i + 1];
    row[i + 2] = linear[2] * coverage + rest * row[i + 2];
    row[i + 3] = coverage + rest * row[i + 3];
  }

  /**
   * @param from premultiplied pixels of the same width
   * @param first pixel that is laid
   * @param end behind the last one
   * @param strength 0..1, of all of it
   */
  static void pixels(float[] row, float[] from, int first, int end, float strength) {
    for (int i = first * SubjectRows.CHANNELS;
        i < end * SubjectRows.CHANNELS;
        i += SubjectRows.CHANNELS) {
      float raw = from[i + 3];
      if (raw > 0) {
        // Where resampling overshoots, the colour is brought back with the coverage.
        float back = strength / Math.max(1, raw);
        float rest = 1 - Math.min(1, raw) * strength;
        row[i] = from[i] * back + rest * row[i];
        row[i + 1] = from[i + 1] * back + rest * row[i + 1];
        row[i + 2] = from[i + 2] * back + rest * row[i + 2];
        row[i + 3] = Math.min(1, raw) * strength + rest * row[i + 3];
      }
    }
  }

  /** As the other, over the whole row. */
  static void pixels(float[] row, float[] from, float strength) {
    pixels(row, from, 0, row.length / SubjectRows.CHANNELS, strength);
  }

  /** One opaque colour in all of a row. */
  static void fill(float[] row, float[] linear) {
    if (row.length == 0) {
      return;
    }
    System.arraycopy(linear, 0, row, 0, 3);
    row[3] = 1;
    for (int done = SubjectRows.CHANNELS; done < row.length; done *= 2) {
      System.arraycopy(row, 0, row, done, Math.min(done, row.length - done));
    }
  }
}

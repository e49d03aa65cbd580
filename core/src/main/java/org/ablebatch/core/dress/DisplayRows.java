package org.ablebatch.core.dress;

import java.util.Arrays;
import java.util.List;
import org.ablebatch.core.color.Srgb;
import org.ablebatch.core.raster.Picture;

/** From layers to display values. */
final class DisplayRows {
  private static final int DEEP_WHITE = 65_535;

  private DisplayRows() {}

  /** sRGB, not premultiplied; clear pixels are all zero. */
  static Picture of(List<Layer> layers, Frame frame) {
    int[] argb = new int[Math.multiplyExact(frame.width(), frame.height())];
    float[] row = new float[frame.width() * SubjectRows.CHANNELS];
    for (int y = 0; y < frame.height(); y++) {
      paint(layers, y, row);
      finish(row, argb, y * frame.width());
    }
    return new Picture(frame.width(), frame.height(), argb);
  }

  /** As {@link #of}, with 16 bits a channel. */
  static DeepDressed deep(List<Layer> layers, Frame frame) {
    int pixels = Math.multiplyExact(frame.width(), frame.height());
    short[] rgba = new short[Math.multiplyExact(pixels, SubjectRows.CHANNELS)];
    float[] row = new float[frame.width() * SubjectRows.CHANNELS];
    for (int y = 0; y < frame.height(); y++) {
      paint(layers, y, row);
      int start = y * row.length;
      for (int i = 0; i < row.length; i += SubjectRows.CHANNELS) {
        float alpha = Math.max(0, Math.min(1, row[i + 3]));
        for (int c = 0; c < SubjectRows.CHANNELS - 1 && alpha > 0; c++) {
          rgba[start + i + c] = deep(Srgb.encoded(row[i + c] / alpha));
        }
        rgba[start + i + 3] = deep(alpha);
      }
    }
    return new DeepDressed(frame.width(), frame.height(), rgba);
  }

  private static void paint(List<Layer> layers, int y, float[] row) {
    Arrays.fill(row, 0);
    for (Layer layer : layers) {
      layer.paint(y, row);
    }
  }

  private static short deep(float value) {
    return (short) Math.round(DEEP_WHITE * Math.max(0, Math.min(1, value)));
  }

  private static void finish(float[] row, int[] argb, int start) {
    for (int x = 0; x < row.length / SubjectRows.CHANNELS; x++) {
      int i = x * SubjectRows.CHANNELS;
      float raw = row[i + 3];
      if (x > 0 && isSame(row, i)) {
        // Backdrops run on in one colour; finding that out is cheaper than the tables.
        argb[start + x] = argb[start + x - 1];
      } else if (raw >= 1) {
        argb[start + x] = Srgb.pack(row[i], row[i + 1], row[i + 2]);
      } else {
        int alpha = Math.round(Math.max(0, raw) * 255);
        argb[start + x] =
            alpha == 0
                ? 0
                : alpha << 24
                    | 0xFFFFFF & Srgb.pack(row[i] / raw, row[i + 1] / raw, row[i + 2] / raw);
      }
    }
  }

  /** As the pixel before. */
  private static boolean isSame(float[] row, int i) {
    return row[i] == row[i - 4]
        && row[i + 1] == row[i - 3]
        && row[i + 2] == row[i - 2]
        && row[i + 3] == row[i - 1];
  }
}

package org.ablebatch.core.scene;

import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;
import org.ablebatch.core.backdrop.Backdrop;
import org.ablebatch.core.backdrop.BackdropReader;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.reading.AreaShrink;
import org.ablebatch.core.work.Pulse;

/**
 * What a scene is like in a few numbers, each about 0..1, so that scenes can be told apart: the
 * backdrop's lightness, its two colour axes, its noise, its fall of light, the share of the border
 * it explains, and lightness, colour and amount of what is not backdrop.
 *
 * @param values {@value #COUNT} numbers
 */
public record SceneFacts(float[] values) {
  public static final int COUNT = 10;
  private static final int READING_PIXELS = 24_000;
  private static final float NOISE_SCALE = 25f;
  private static final float COLOUR_SCALE = 4f;
  private static final float NOT_BACKDROP_SIGMAS = 6f;
  private static final float LEAST_DIFFERENCE = 0.05f;

  /** Reads a picture without any learned prior; a few milliseconds. */
  public static SceneFacts of(Picture picture) {
    Rect grid = AreaShrink.readingGrid(picture.width(), picture.height(), READING_PIXELS);
    ColorPlanes lab =
        AreaShrink.toOkLab(AreaShrink.toLinear(picture, grid.width(), grid.height(), Pulse.NONE));
    Backdrop backdrop = BackdropReader.read(lab, java.util.Optional.empty());
    float[] behind = new float[3];
    float[] front = new float[3];
    int n = lab.c0().length;
    int other = 0;
    float reach = Math.max(LEAST_DIFFERENCE, NOT_BACKDROP_SIGMAS * backdrop.sigma());
    for (int i = 0; i < n; i++) {
      boolean differs = distance(lab, backdrop.surface(), i) > reach;
      other += differs ? 1 : 0;
      for (int c = 0; c < 3; c++) {
        behind[c] += backdrop.surface().channel(c)[i] / n;
        front[c] += differs ? lab.channel(c)[i] : 0;
      }
    }
    float perPixel = 1f / Math.max(1, other);
    return new SceneFacts(
        new float[] {
          behind[0],
          COLOUR_SCALE * behind[1],
          COLOUR_SCALE * behind[2],
          Math.min(1, NOISE_SCALE * backdrop.sigma()),
          Math.min(1, COLOUR_SCALE * backdrop.range()),
          backdrop.fittedShare(),
          front[0] * perPixel,
          COLOUR_SCALE * front[1] * perPixel,
          COLOUR_SCALE * front[2] * perPixel,
          other / (float) n
        });
  }

  private static float distance(ColorPlanes a, ColorPlanes b, int i) {
    float l = a.c0()[i] - b.c0()[i];
    float u = a.c1()[i] - b.c1()[i];
    float v = a.c2()[i] - b.c2()[i];
    return (float) Math.sqrt(l * l + u * u + v * v);
  }

  /** How unlike two scenes are; 0 = alike. */
  public double distanceTo(SceneFacts other) {
    double sum = 0;
    for (int i = 0; i < COUNT; i++) {
      sum += (values[i] - other.values[i]) * (values[i] - other.values[i]);
    }
    return Math.sqrt(sum);
  }

  /** Three decimals each, separated by spaces. */
  public String toText() {
    StringBuilder text = new StringBuilder();
    for (float value : values) {
      text.append(String.format(Locale.ROOT, "%.3f ", value));
    }
    return text.toString().strip();
  }

  /**
   * @throws IllegalArgumentException when the text is not {@value #COUNT} numbers
   */
  public static SceneFacts parse(String text) {
    String[] parts = text.strip().split(" ");
    if (parts.length != COUNT) {
      throw new IllegalArgumentException("not the facts of a scene: " + text);
    }
    float[] values = new float[COUNT];
    for (int i = 0; i < COUNT; i++) {
      values[i] = Float.parseFloat(parts[i]);
    }
    return new SceneFacts(values);
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof SceneFacts facts && Arrays.equals(values, facts.values);
  }

  @Override
  public int hashCode() {
    return Arrays.hashCode(values);
  }

  @Override
  public String toString() {
    return Arrays.stream(toText().split(" ")).collect(Collectors.joining(", ", "SceneFacts[", "]"));
  }
}

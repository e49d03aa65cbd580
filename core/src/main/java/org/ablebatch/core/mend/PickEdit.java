package org.ablebatch.core.mend;

import java.util.List;

/**
 * Erases or restores what has a colour.
 *
 * @param samples the colours, in the order in which they were picked; 1 to {@value #MOST_SAMPLES}
 * @param everywhere false = only what hangs together with the place that was pressed
 * @param inverted everything but the colours
 */
public record PickEdit(Mode mode, List<Sample> samples, boolean everywhere, boolean inverted)
    implements Edit {
  public static final int MOST_SAMPLES = 100;

  /**
   * One colour of the photograph.
   *
   * @param x in pixels of the picture
   * @param y in pixels of the picture
   * @param tolerance distance of colours that still count as the same, OKLab, 0..1
   * @param subtract true = this colour does not belong to it
   */
  public record Sample(double x, double y, double tolerance, boolean subtract) {
    public Sample {
      if (!Double.isFinite(x) || !Double.isFinite(y)) {
        throw new IllegalArgumentException("A colour is picked at a place of the picture");
      }
      if (!(tolerance >= 0 && tolerance <= 1)) {
        throw new IllegalArgumentException("A tolerance goes from 0 to 1, not " + tolerance);
      }
    }
  }

  /**
   * @throws IllegalArgumentException with a sentence for a person
   */
  public PickEdit {
    samples = List.copyOf(samples);
    if (samples.isEmpty() || samples.size() > MOST_SAMPLES || samples.get(0).subtract()) {
      throw new IllegalArgumentException(
          "Between 1 and " + MOST_SAMPLES + " colours are picked, and the first is added");
    }
  }
}

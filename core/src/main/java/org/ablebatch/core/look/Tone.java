package org.ablebatch.core.look;

/**
 * Light and colour of the subject alone. All of the first seven go from -100 to 100, 0 changes
 * nothing.
 *
 * @param match how far the subject's colours are brought to those of the reference, percent
 * @param reference the colours to match; null = none
 */
public record Tone(
    double brightness,
    double contrast,
    double warmth,
    double saturation,
    double highlights,
    double shadows,
    double match,
    Reference reference)
    implements Setting {
  public static final Tone NONE = new Tone(0, 0, 0, 0, 0, 0, 0, null);

  public Tone {
    Limits.require("brightness", brightness, -100, 100);
    Limits.require("contrast", contrast, -100, 100);
    Limits.require("warmth", warmth, -100, 100);
    Limits.require("saturation", saturation, -100, 100);
    Limits.require("highlights", highlights, -100, 100);
    Limits.require("shadows", shadows, -100, 100);
    Limits.percent("match", match);
  }

  /**
   * Statistics of a subject's colours in OKLab. They stand in the look itself, so that it means the
   * same wherever the picture that they were taken from has gone.
   *
   * @param of the name of the picture that they were taken from
   */
  public record Reference(
      String of,
      double meanL,
      double meanA,
      double meanB,
      double spreadL,
      double spreadA,
      double spreadB) {
    public Reference {
      Limits.words("of", of, 200);
      Limits.require("meanL", meanL, 0, 1);
      Limits.require("meanA", meanA, -1, 1);
      Limits.require("meanB", meanB, -1, 1);
      Limits.require("spreadL", spreadL, 0, 1);
      Limits.require("spreadA", spreadA, 0, 1);
      Limits.require("spreadB", spreadB, 0, 1);
    }
  }

  /** True when it leaves every colour as it is. */
  public boolean changesNothing() {
    return brightness == 0
        && contrast == 0
        && warmth == 0
        && saturation == 0
        && highlights == 0
        && shadows == 0
        && (match == 0 || reference == null);
  }
}

package org.ablebatch.core.look;

import java.util.List;

/**
 * Light and colour of the subject alone. The first six go from -100 to 100, 0 changes nothing.
 *
 * @param match how far the subject's colours are brought to those of the reference, percent
 * @param reference the colours to match; null = none
 * @param balance how far the light is spread over the whole range, for each picture by its own
 *     darkest and lightest, percent
 * @param curve lightness as it becomes, at rising places; empty = as it is
 */
public record Tone(
    double brightness,
    double contrast,
    double warmth,
    double saturation,
    double highlights,
    double shadows,
    double match,
    Reference reference,
    double balance,
    List<Point> curve)
    implements Setting {
  public static final Tone NONE = new Tone(0, 0, 0, 0, 0, 0, 0, null);
  private static final int MOST_POINTS = 12;

  public Tone {
    Limits.require("brightness", brightness, -100, 100);
    Limits.require("contrast", contrast, -100, 100);
    Limits.require("warmth", warmth, -100, 100);
    Limits.require("saturation", saturation, -100, 100);
    Limits.require("highlights", highlights, -100, 100);
    Limits.require("shadows", shadows, -100, 100);
    Limits.percent("match", match);
    Limits.percent("balance", balance);
    curve = curve == null ? List.of() : Limits.all("curve", curve);
    if (curve.size() == 1 || curve.size() > MOST_POINTS) {
      throw new InvalidLook("curve", "has 2 to " + MOST_POINTS + " points, or none");
    }
    for (int i = 1; i < curve.size(); i++) {
      if (curve.get(i).at() <= curve.get(i - 1).at()) {
        throw new InvalidLook("curve[" + i + "].at", "lies before the point before it");
      }
    }
  }

  /** Without balance and curve. */
  public Tone(
      double brightness,
      double contrast,
      double warmth,
      double saturation,
      double highlights,
      double shadows,
      double match,
      Reference reference) {
    this(
        brightness,
        contrast,
        warmth,
        saturation,
        highlights,
        shadows,
        match,
        reference,
        0,
        List.of());
  }

  /**
   * A point of the curve.
   *
   * @param at lightness before, percent
   * @param to lightness after, percent
   */
  public record Point(double at, double to) {
    public Point {
      Limits.percent("at", at);
      Limits.percent("to", to);
    }
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

  /** True when what it does depends on the picture's own colours. */
  public boolean dependsOnPicture() {
    return reference != null && match > 0 || balance > 0;
  }

  /** True when it leaves every colour as it is. */
  public boolean changesNothing() {
    return brightness == 0
        && contrast == 0
        && warmth == 0
        && saturation == 0
        && highlights == 0
        && shadows == 0
        && balance == 0
        && curve.stream().allMatch(point -> point.at() == point.to())
        && (match == 0 || reference == null);
  }
}

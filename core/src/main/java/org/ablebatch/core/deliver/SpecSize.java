package org.ablebatch.core.deliver;

import java.util.Locale;
import org.ablebatch.core.dress.Frame;
import org.ablebatch.core.dress.SubjectMeasures;
import org.ablebatch.core.raster.Rect;

/** How large a file's picture is. */
public sealed interface SpecSize {
  int LARGEST_SIDE_PX = 20_000;
  long MOST_PIXELS = 100_000_000L;

  /**
   * The finished picture in pixels, without bleed. May be larger than any file can be when it
   * depends on the picture: see {@link #problem}.
   */
  Frame finished(SubjectMeasures subject);

  /** Dots an inch that the file says it has; null = it says nothing. */
  Integer dpi();

  /** Pixels beyond each side of the finished picture. */
  default int bleedPx() {
    return 0;
  }

  /** The file's picture in pixels. */
  default Frame whole(SubjectMeasures subject) {
    Frame finished = finished(subject);
    return new Frame(finished.width() + 2 * bleedPx(), finished.height() + 2 * bleedPx());
  }

  /** Why no file can be that large; null = it can. */
  static String problem(Frame frame) {
    if (Math.max(frame.width(), frame.height()) > LARGEST_SIDE_PX) {
      return String.format(
          Locale.ROOT,
          "%,d × %,d: a side has at most %,d pixels",
          frame.width(),
          frame.height(),
          LARGEST_SIDE_PX);
    }
    if ((long) frame.width() * frame.height() > MOST_PIXELS) {
      return String.format(
          Locale.ROOT,
          "%,d × %,d is more than %,d million pixels",
          frame.width(),
          frame.height(),
          MOST_PIXELS / 1_000_000);
    }
    return null;
  }

  /** Exact pixels. */
  record Pixels(int width, int height, Integer dpi) implements SpecSize {
    public Pixels {
      requireSide("width", width);
      requireSide("height", height);
      requirePossible(new Frame(width, height));
      requireDpi(dpi);
    }

    @Override
    public Frame finished(SubjectMeasures subject) {
      return new Frame(width, height);
    }
  }

  /**
   * A printed size.
   *
   * @param width of the finished sheet, in its unit
   * @param height of the finished sheet, in its unit
   * @param dpi 36..1200
   * @param bleedMm beyond each side, 0..50
   */
  record Print(double width, double height, Unit unit, Integer dpi, double bleedMm)
      implements SpecSize {
    private static final double MOST_BLEED_MM = 50;
    private static final double LARGEST_MM = 5000;

    public Print {
      if (dpi == null) {
        throw new InvalidSpec("dpi", "A size in " + unit.words() + " needs its dots an inch");
      }
      requireDpi(dpi);
      requireLength("width", width, unit);
      requireLength("height", height, unit);
      if (!(bleedMm >= 0 && bleedMm <= MOST_BLEED_MM)) {
        throw new InvalidSpec("bleedMm", "A bleed is 0 to 50 mm, not " + bleedMm);
      }
      int bleed = 2 * pixels(bleedMm, dpi);
      requirePossible(
          new Frame(
              pixels(unit.millimetres(width), dpi) + bleed,
              pixels(unit.millimetres(height), dpi) + bleed));
    }

    @Override
    public Frame finished(SubjectMeasures subject) {
      return new Frame(pixels(unit.millimetres(width), dpi), pixels(unit.millimetres(height), dpi));
    }

    @Override
    public int bleedPx() {
      return bleedMm == 0 ? 0 : pixels(bleedMm, dpi);
    }

    private static int pixels(double mm, int dpi) {
      return (int) Math.max(1, Math.round(mm / Unit.MM_PER_INCH * dpi));
    }

    private static void requireLength(String field, double length, Unit unit) {
      double mm = unit.millimetres(length);
      if (!(mm > 0 && mm <= LARGEST_MM)) {
        throw new InvalidSpec(
            field, "The " + field + " of a print is more than 0 and at most 5 m, not " + length);
      }
    }
  }

  /**
   * As large as the original.
   *
   * @param longestPx made smaller where its longer side has more; null = never
   */
  record Original(Integer longestPx, Integer dpi) implements SpecSize {
    public Original {
      requireLongest(longestPx);
      requireDpi(dpi);
    }

    @Override
    public Frame finished(SubjectMeasures subject) {
      Rect picture = subject.picture();
      return scaled(picture.width(), picture.height(), longestPx);
    }
  }

  /**
   * The subject's box with a margin.
   *
   * @param marginPx around it, at the original's size, 0..5000
   * @param longestPx made smaller where its longer side has more; null = never
   */
  record Trimmed(int marginPx, Integer longestPx, Integer dpi) implements SpecSize {
    private static final int MOST_MARGIN_PX = 5000;

    public Trimmed {
      if (marginPx < 0 || marginPx > MOST_MARGIN_PX) {
        throw new InvalidSpec("marginPx", "A margin is 0 to 5,000 pixels, not " + marginPx);
      }
      requireLongest(longestPx);
      requireDpi(dpi);
    }

    @Override
    public Frame finished(SubjectMeasures subject) {
      Rect content = subject.content();
      return scaled(content.width() + 2 * marginPx, content.height() + 2 * marginPx, longestPx);
    }

    /** How many times the subject is as large as in its original; at most 1. */
    double scale(SubjectMeasures subject) {
      Rect content = subject.content();
      int longest = Math.max(content.width(), content.height()) + 2 * marginPx;
      return longestPx == null ? 1 : Math.min(1, longestPx / (double) longest);
    }
  }

  private static Frame scaled(int width, int height, Integer longestPx) {
    double scale =
        longestPx == null ? 1 : Math.min(1, longestPx / (double) Math.max(width, height));
    return new Frame(
        (int) Math.max(1, Math.round(scale * width)),
        (int) Math.max(1, Math.round(scale * height)));
  }

  private static void requireSide(String field, int px) {
    if (px < 1 || px > LARGEST_SIDE_PX) {
      throw new InvalidSpec(
          field,
          String.format(
              Locale.ROOT, "The %s must be 1 to %,d pixels, not %,d", field, LARGEST_SIDE_PX, px));
    }
  }

  private static void requirePossible(Frame frame) {
    String problem = problem(frame);
    if (problem != null) {
      throw new InvalidSpec("width", problem);
    }
  }

  private static void requireLongest(Integer px) {
    if (px != null) {
      requireSide("longestPx", px);
    }
  }

  private static void requireDpi(Integer dpi) {
    if (dpi != null && (dpi < 36 || dpi > 1200)) {
      throw new InvalidSpec("dpi", "Dots an inch are 36 to 1,200, not " + dpi);
    }
  }
}

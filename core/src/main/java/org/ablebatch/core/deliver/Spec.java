package org.ablebatch.core.deliver;

import java.util.List;
import java.util.Locale;
import org.ablebatch.core.dress.Frame;
import org.ablebatch.core.look.Fill;
import org.ablebatch.core.look.Look;

/**
 * What a buyer requires of a file.
 *
 * @param name how people call it; part of file names
 * @param width exact pixels, 1..{@value #LARGEST_SIDE_PX}
 * @param height exact pixels, 1..{@value #LARGEST_SIDE_PX}
 * @param quality 1..100; ignored by formats without one
 * @param backdrop null = the batch's look decides
 * @param marginPercent null = the batch's look decides; else 0..45
 * @param fileName parts of the file's name, in order; at least one
 */
public record Spec(
    String name,
    int width,
    int height,
    OutputFormat format,
    int quality,
    Fill backdrop,
    Double marginPercent,
    List<NamePart> fileName) {
  public static final int LARGEST_SIDE_PX = 20_000;
  public static final long MOST_PIXELS = 100_000_000L;
  public static final int DEFAULT_QUALITY = 90;
  public static final List<NamePart> DEFAULT_NAME =
      List.of(new NamePart.OriginalName(), new NamePart.Text("_"), new NamePart.SpecName());

  private static final int LONGEST_NAME = 60;

  public Spec {
    fileName = List.copyOf(fileName);
    if (name == null || name.isBlank()) {
      throw new InvalidSpec("name", "A spec needs a name");
    }
    if (name.length() > LONGEST_NAME) {
      throw new InvalidSpec("name", "A spec’s name has at most " + LONGEST_NAME + " characters");
    }
    requireSide("width", width);
    requireSide("height", height);
    if ((long) width * height > MOST_PIXELS) {
      throw new InvalidSpec(
          "width",
          String.format(
              Locale.ROOT,
              "%,d × %,d is more than %,d million pixels",
              width,
              height,
              MOST_PIXELS / 1_000_000));
    }
    if (quality < 1 || quality > 100) {
      throw new InvalidSpec("quality", "Quality goes from 1 to 100, not " + quality);
    }
    if (marginPercent != null && !(marginPercent >= 0 && marginPercent <= 45)) {
      throw new InvalidSpec("marginPercent", "A margin is 0 to 45 percent, not " + marginPercent);
    }
    if (fileName.isEmpty()) {
      throw new InvalidSpec("fileName", "A file name needs at least one part");
    }
  }

  private static void requireSide(String field, int px) {
    if (px < 1 || px > LARGEST_SIDE_PX) {
      throw new InvalidSpec(
          field,
          String.format(
              Locale.ROOT, "The %s must be 1 to %,d pixels, not %,d", field, LARGEST_SIDE_PX, px));
    }
  }

  public Frame frame() {
    return new Frame(width, height);
  }

  /** The dressing that applies: the spec's own wishes first, then the look, then what fits. */
  public Look lookWith(Look batchLook) {
    Look look = marginPercent == null ? batchLook : batchLook.withMargin(marginPercent);
    Fill fill = backdrop != null ? backdrop : look.backdrop();
    boolean clear = fill instanceof Fill.Clear && !format.keepsTransparency();
    return backdrop == null && !clear ? look : look.withBackdrop(clear ? Fill.Solid.WHITE : fill);
  }
}

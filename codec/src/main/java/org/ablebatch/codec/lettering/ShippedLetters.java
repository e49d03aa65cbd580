package org.ablebatch.codec.lettering;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import org.ablebatch.core.dress.LetterSetter;
import org.ablebatch.core.dress.Recent;
import org.ablebatch.core.dress.SetText;
import org.ablebatch.core.look.Lettering;

/**
 * Sets texts with the shipped families: lines are broken at spaces, and the letters shrink in small
 * steps until everything is in its box or the least size is reached.
 */
public final class ShippedLetters implements LetterSetter {
  /** From one size that is tried to the next. */
  private static final double STEP = 0.94;

  private static final int MOST_LETTERS = 2_000;
  private static final int MOST_PIXELS = 60_000_000;
  private static final int KEPT = 40;

  /** The part of a letter's size that lies above its base line. */
  private static final double ASCENT = 0.8;

  /** The same text is set again and again while other parts of a look are changed. */
  private final Recent<Asked, SetText> recent =
      new Recent<>(KEPT, asked -> laid(asked.text(), asked.style(), asked.room()));

  private record Asked(String text, Lettering style, Room room) {}

  @Override
  public SetText set(String text, Lettering style, Room room) {
    return recent.get(new Asked(text, style, room));
  }

  private static SetText laid(String text, Lettering style, Room room) {
    String kept = text.length() > MOST_LETTERS ? text.substring(0, MOST_LETTERS) : text;
    Run.Letters letters = Run.letters(kept, style);
    double size = room.size();
    List<Run.Line> lines = lines(letters, style, size, room.width());
    while (!fits(lines, style, size, room) && size > room.least()) {
      size = Math.max(room.least(), size * STEP);
      lines = lines(letters, style, size, room.width());
    }
    boolean fits = fits(lines, style, size, room) && kept.length() == text.length();
    return raster(lines, style, size, room, fits, letters);
  }

  private static List<Run.Line> lines(
      Run.Letters letters, Lettering style, double size, double width) {
    List<Run.Line> lines = new ArrayList<>();
    for (String paragraph : letters.text().split("\\R")) {
      StringBuilder line = new StringBuilder();
      for (String word : paragraph.strip().split("\\s+")) {
        String longer = line.isEmpty() ? word : line + " " + word;
        if (!line.isEmpty() && Run.line(longer, letters, style, size).width() > width) {
          lines.add(Run.line(line.toString(), letters, style, size));
          line.setLength(0);
          line.append(word);
        } else {
          line.setLength(0);
          line.append(longer);
        }
      }
      lines.add(Run.line(line.toString(), letters, style, size));
    }
    return lines;
  }

  private static boolean fits(List<Run.Line> lines, Lettering style, double size, Room room) {
    return height(lines.size(), style, size) <= room.height() + 0.5
        && lines.stream().allMatch(line -> line.width() <= room.width() + 0.5);
  }

  private static double height(int lines, Lettering style, double size) {
    return size + (lines - 1) * size * style.lineHeight() / 100;
  }

  private static SetText raster(
      List<Run.Line> lines,
      Lettering style,
      double size,
      Room room,
      boolean fits,
      Run.Letters letters) {
    double height = height(lines.size(), style, size);
    double top =
        switch (style.down()) {
          case TOP -> 0;
          case MIDDLE -> (room.height() - height) / 2;
          case BOTTOM -> room.height() - height;
        };
    Path2D all = new Path2D.Double();
    for (int i = 0; i < lines.size(); i++) {
      Run.Line line = lines.get(i);
      double x =
          switch (style.across()) {
            case LEFT -> 0;
            case CENTRE -> (room.width() - line.width()) / 2;
            case RIGHT -> room.width() - line.width();
          };
      double y = top + ASCENT * size + i * size * style.lineHeight() / 100;
      all.append(
          AffineTransform.getTranslateInstance(x, y).createTransformedShape(line.outline()), false);
    }
    Rectangle2D bounds = all.getBounds2D();
    int left = (int) Math.floor(bounds.getMinX()) - 1;
    int upper = (int) Math.floor(bounds.getMinY()) - 1;
    int w = (int) Math.ceil(bounds.getMaxX()) + 1 - left;
    int h = (int) Math.ceil(bounds.getMaxY()) + 1 - upper;
    if (bounds.isEmpty() || (long) w * h > MOST_PIXELS) {
      return new SetText(
          0, 0, 0, 0, new byte[0], size, bounds.isEmpty(), letters.strange(), letters.steppedIn());
    }
    return new SetText(
        left,
        upper,
        w,
        h,
        coverage(all, left, upper, w, h),
        size,
        fits,
        letters.strange(),
        letters.steppedIn());
  }

  private static byte[] coverage(Path2D outline, int left, int top, int w, int h) {
    BufferedImage image = new BufferedImage(w, h, BufferedImage.TYPE_INT_ARGB);
    Graphics2D g = image.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
    g.setColor(Color.WHITE);
    g.translate(-left, -top);
    g.fill(outline);
    g.dispose();
    int[] argb = image.getRGB(0, 0, w, h, null, 0, w);
    byte[] out = new byte[argb.length];
    for (int i = 0; i < out.length; i++) {
      out[i] = (byte) (argb[i] >>> 24);
    }
    return out;
  }
}

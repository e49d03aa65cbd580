package org.ablebatch.core.dress;

import org.ablebatch.core.look.Box;
import org.ablebatch.core.look.Colour;
import org.ablebatch.core.look.Lettering;

/** A text over its plate and shadow. */
final class LetterLayer implements Layer {
  /** A text's shadow lies so far off and is so soft, in parts of the letters' size. */
  private static final double SHADOW_OFF = 0.05;

  private static final double SHADOW_BLUR = 0.16;
  private static final float SHADOW_STRENGTH = 0.55f;

  private final SetText text;
  private final Lettering style;
  private final int left;
  private final int top;
  private final float[] colour;
  private final Shade shade;
  private final PlateShape plate;

  /** A soft copy of the letters, with room around it for what runs out. */
  private record Shade(int left, int top, int width, float[] coverage) {}

  LetterLayer(SetText text, Lettering style, Frame frame) {
    this.text = text;
    this.style = style;
    Box box = style.box();
    this.left = (int) Math.round(box.x() / 100 * frame.width()) + text.x();
    this.top = (int) Math.round(box.y() / 100 * frame.height()) + text.y();
    this.colour = Over.linear(style.colour());
    this.shade = style.shadow() ? shade() : null;
    this.plate =
        style.plate() == null ? null : new PlateShape(style.plate(), frame, left, top, text);
  }

  private Shade shade() {
    double off = SHADOW_OFF * text.sizePx();
    double blur = SHADOW_BLUR * text.sizePx();
    int room = (int) Math.ceil(2 * blur);
    int w = text.width() + 2 * room;
    int h = text.height() + 2 * room;
    float[] sharp = new float[w * h];
    for (int y = 0; y < text.height(); y++) {
      for (int x = 0; x < text.width(); x++) {
        sharp[(y + room) * w + x + room] = (text.coverage()[y * text.width() + x] & 0xFF) / 255f;
      }
    }
    int by = (int) Math.round(off);
    return new Shade(left - room + by, top - room + by, w, SoftBlur.of(sharp, w, h, blur));
  }

  @Override
  public void paint(int y, float[] row) {
    float opacity = (float) (style.opacity() / 100);
    if (plate != null) {
      plate.paint(y, row);
    }
    if (shade != null) {
      float[] black = Over.linear(Colour.BLACK);
      lay(
          y,
          row,
          shade.top,
          shade.left,
          shade.width,
          black,
          i -> shade.coverage[i] * SHADOW_STRENGTH * opacity,
          shade.coverage.length);
    }
    lay(
        y,
        row,
        top,
        left,
        text.width(),
        colour,
        i -> (text.coverage()[i] & 0xFF) / 255f * opacity,
        text.coverage().length);
  }

  /** Coverage at a place of a raster. */
  private interface Coverage {
    float at(int i);
  }

  private static void lay(
      int y,
      float[] row,
      int top,
      int left,
      int width,
      float[] colour,
      Coverage coverage,
      int size) {
    int line = y - top;
    if (line < 0 || line >= size / width) {
      return;
    }
    int pixels = row.length / SubjectRows.CHANNELS;
    for (int x = Math.max(0, -left); x < width && left + x < pixels; x++) {
      float c = coverage.at(line * width + x);
      if (c > 0) {
        Over.colour(row, (left + x) * SubjectRows.CHANNELS, colour, c);
      }
    }
  }
}

package org.ablebatch.codec.lettering;

import java.awt.Font;
import java.awt.Shape;
import java.awt.font.FontRenderContext;
import java.awt.font.GlyphVector;
import java.awt.font.TextAttribute;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.text.Bidi;
import java.text.Normalizer;
import java.util.List;
import java.util.Map;
import org.ablebatch.core.look.Lettering;

/** Lines of letters as outlines, each letter from the first piece of a family that has it. */
final class Run {
  /** Outlines do not depend on the machine's screen: no hints, fractions of a pixel. */
  private static final FontRenderContext EXACT = new FontRenderContext(null, true, true);

  private static final int REPLACEMENT = '\uFFFD';

  private Run() {}

  /**
   * A text with the fonts that it is set in.
   *
   * @param own how many of the fonts are the family's own
   * @param strange letters that no font has; they are left out
   * @param steppedIn letters that another family lends
   */
  record Letters(String text, List<Font> fonts, int own, String strange, String steppedIn) {}

  /**
   * @param outline from the line's start on its base line
   */
  record Line(Shape outline, double width) {}

  static Letters letters(String text, Lettering style) {
    List<Font> fonts = Typefaces.of(style.family(), style.bold());
    int own = Typefaces.own(style.family(), style.bold()).size();
    StringBuilder kept = new StringBuilder();
    StringBuilder strange = new StringBuilder();
    StringBuilder lent = new StringBuilder();
    Normalizer.normalize(text, Normalizer.Form.NFC)
        .codePoints()
        .forEach(
            letter -> {
              int font = fontOf(letter, fonts);
              if (Character.isWhitespace(letter)) {
                kept.append(letter == '\n' ? "\n" : " ");
              } else if (font < 0 || letter == REPLACEMENT) {
                note(strange, letter);
              } else {
                kept.appendCodePoint(letter);
                if (font >= own) {
                  note(lent, letter);
                }
              }
            });
    return new Letters(kept.toString(), fonts, own, strange.toString(), lent.toString());
  }

  private static void note(StringBuilder out, int letter) {
    String one = Character.toString(letter);
    if (out.indexOf(one) < 0 && !Character.isISOControl(letter)) {
      out.append(one);
    }
  }

  private static int fontOf(int letter, List<Font> fonts) {
    for (int i = 0; i < fonts.size(); i++) {
      if (fonts.get(i).canDisplay(letter)) {
        return i;
      }
    }
    return -1;
  }

  static Line line(String text, Letters letters, Lettering style, double size) {
    Path2D outline = new Path2D.Double();
    double x = 0;
    int[] points = text.codePoints().toArray();
    int from = 0;
    while (from < points.length) {
      int font = Math.max(0, fontOf(points[from], letters.fonts()));
      int to = from + 1;
      while (to < points.length
          && (points[to] == ' ' || fontOf(points[to], letters.fonts()) == font)) {
        to++;
      }
      String piece = new String(points, from, to - from);
      x = append(outline, piece, letters.fonts().get(font), style, size, x);
      from = to;
    }
    return new Line(outline, x);
  }

  private static double append(
      Path2D outline, String piece, Font font, Lettering style, double size, double x) {
    Font sized =
        font.deriveFont(
            Map.of(
                TextAttribute.SIZE, (float) size,
                TextAttribute.KERNING, TextAttribute.KERNING_ON,
                TextAttribute.TRACKING, (float) (style.spacing() / 100)));
    char[] chars = piece.toCharArray();
    int direction =
        Bidi.requiresBidi(chars, 0, chars.length)
            ? Font.LAYOUT_RIGHT_TO_LEFT
            : Font.LAYOUT_LEFT_TO_RIGHT;
    GlyphVector glyphs = sized.layoutGlyphVector(EXACT, chars, 0, chars.length, direction);
    outline.append(
        AffineTransform.getTranslateInstance(x, 0).createTransformedShape(glyphs.getOutline()),
        false);
    return x + glyphs.getGlyphPosition(glyphs.getNumGlyphs()).getX();
  }
}

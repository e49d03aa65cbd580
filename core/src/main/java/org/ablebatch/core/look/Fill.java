package org.ablebatch.core.dress;

import java.util.Locale;

/** What stands behind the subject in a result. */
public sealed interface Fill {
  /** Nothing: the result is see-through where the subject is not. */
  record Clear() implements Fill {}

  /**
   * One colour.
   *
   * @param rgb sRGB, {@code 0xRRGGBB}
   */
  record Solid(int rgb) implements Fill {
    public static final Solid WHITE = new Solid(0xFFFFFF);

    public Solid {
      if (rgb >>> 24 != 0) {
        throw new IllegalArgumentException("a colour is 0xRRGGBB, not " + Integer.toHexString(rgb));
      }
    }
  }

  /**
   * {@code transparent} or {@code #RRGGBB}.
   *
   * @throws IllegalArgumentException with a sentence for anything else
   */
  static Fill parse(String text) {
    if (text.equals("transparent")) {
      return new Clear();
    }
    if (text.matches("#[0-9a-fA-F]{6}")) {
      return new Solid(Integer.parseInt(text.substring(1), 16));
    }
    throw new IllegalArgumentException(
        "“" + text + "” is not a backdrop; use transparent or a colour such as #E9E0CE");
  }

  /** The text that {@link #parse} takes. */
  default String text() {
    if (this instanceof Solid solid) {
      return String.format(Locale.ROOT, "#%06X", solid.rgb());
    }
    return "transparent";
  }
}

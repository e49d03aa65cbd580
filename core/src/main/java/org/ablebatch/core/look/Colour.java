package org.ablebatch.core.look;

import java.util.HexFormat;

/**
 * A colour of a look.
 *
 * @param rgb sRGB, {@code 0xRRGGBB}
 */
public record Colour(int rgb) {
  public static final Colour WHITE = new Colour(0xFFFFFF);
  public static final Colour BLACK = new Colour(0);
  private static final HexFormat HEX = HexFormat.of().withUpperCase();
  private static final int DIGITS = 6;

  public Colour {
    if (rgb >>> 24 != 0) {
      throw new InvalidLook("", "a colour is #RRGGBB, not " + Integer.toHexString(rgb));
    }
  }

  /**
   * {@code #RRGGBB}.
   *
   * @throws InvalidLook for anything else
   */
  public static Colour parse(String text) {
    if (text == null || !text.matches("#[0-9a-fA-F]{6}")) {
      throw new InvalidLook("", "expected a colour such as #E9E0CE, got “" + text + "”");
    }
    return new Colour(Integer.parseInt(text.substring(1), 16));
  }

  /** The text that {@link #parse} takes. */
  public String text() {
    return "#" + HEX.toHexDigits(rgb, DIGITS);
  }
}

package org.ablebatch.core.raster;

/**
 * A matte with the subject's clean colours.
 *
 * @param matte coverage, the original's size
 * @param colours subject colours, the original's size, opaque sRGB, without backdrop in the edge;
 *     deep inside they are the original's own, and where coverage is 0 they mean nothing
 */
public record Cutout(Matte matte, Picture colours) {
  public Cutout {
    if (matte.width() != colours.width() || matte.height() != colours.height()) {
      throw new IllegalArgumentException(
          "matte is %d × %d but colours are %d × %d"
              .formatted(matte.width(), matte.height(), colours.width(), colours.height()));
    }
  }

  /** The cutout as one picture with transparency, not premultiplied; clear pixels are all zero. */
  public Picture toPicture() {
    int[] argb = new int[colours.argb().length];
    for (int i = 0; i < argb.length; i++) {
      int alpha = matte.coverage()[i] & 0xFF;
      argb[i] = alpha == 0 ? 0 : alpha << 24 | colours.argb()[i] & 0xFFFFFF;
    }
    return new Picture(colours.width(), colours.height(), argb);
  }

  /**
   * Only the colours that differ from the original: opaque there, clear elsewhere. With the
   * original and the matte this is the whole cutout, in a fraction of the bytes.
   */
  public Picture edgeColours(Picture original) {
    int[] argb = new int[colours.argb().length];
    for (int i = 0; i < argb.length; i++) {
      int colour = colours.argb()[i] | 0xFF000000;
      boolean same = colour == (original.argb()[i] | 0xFF000000);
      argb[i] = same || matte.coverage()[i] == 0 ? 0 : colour;
    }
    return new Picture(colours.width(), colours.height(), argb);
  }

  /** Puts a cutout together again from what {@link #edgeColours()} and the matte kept. */
  public static Cutout of(Picture original, Matte matte, Picture edgeColours) {
    int[] argb = new int[original.argb().length];
    for (int i = 0; i < argb.length; i++) {
      int edge = edgeColours.argb()[i];
      argb[i] = edge >>> 24 == 0 ? 0xFF000000 | original.argb()[i] : edge;
    }
    return new Cutout(matte, new Picture(original.width(), original.height(), argb));
  }

  /** {@link #of} and {@link #toPicture} in one go, for pictures of many megapixels. */
  public static Picture picture(Picture original, Matte matte, Picture edgeColours) {
    int[] argb = new int[original.argb().length];
    for (int i = 0; i < argb.length; i++) {
      int alpha = matte.coverage()[i] & 0xFF;
      if (alpha != 0) {
        int edge = edgeColours.argb()[i];
        argb[i] = alpha << 24 | 0xFFFFFF & (edge >>> 24 == 0 ? original.argb()[i] : edge);
      }
    }
    return new Picture(original.width(), original.height(), argb);
  }
}

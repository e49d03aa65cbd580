package org.ablebatch.core.dress;

/**
 * A text as coverage.
 *
 * @param x left side of the raster, pixels from the box's left side; may be negative
 * @param y upper side, from the box's upper side
 * @param width of the raster in pixels; 0 = there is nothing
 * @param height of the raster
 * @param coverage {@code width × height} unsigned bytes
 * @param sizePx of the letters as they were set
 * @param fits false when even the least size runs out of the box
 * @param strange letters that no family has; empty = none
 * @param steppedIn letters that another family lent; empty = none
 */
public record SetText(
    int x,
    int y,
    int width,
    int height,
    byte[] coverage,
    double sizePx,
    boolean fits,
    String strange,
    String steppedIn) {
  public static final SetText NOTHING = new SetText(0, 0, 0, 0, new byte[0], 0, true, "", "");

  public boolean isEmpty() {
    return width == 0 || height == 0;
  }
}

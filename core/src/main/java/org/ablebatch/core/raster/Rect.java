package org.ablebatch.core.raster;

/** A rectangle of whole pixels; {@code right} and {@code bottom} lie just outside. */
public record Rect(int x, int y, int width, int height) {
  public int right() {
    return x + width;
  }

  public int bottom() {
    return y + height;
  }

  public boolean isEmpty() {
    return width <= 0 || height <= 0;
  }

  /** The part that both rectangles share; possibly empty. */
  public Rect intersect(Rect other) {
    int left = Math.max(x, other.x);
    int top = Math.max(y, other.y);
    int w = Math.min(right(), other.right()) - left;
    int h = Math.min(bottom(), other.bottom()) - top;
    return new Rect(left, top, Math.max(0, w), Math.max(0, h));
  }

  public Rect grow(int pixels) {
    return new Rect(x - pixels, y - pixels, width + 2 * pixels, height + 2 * pixels);
  }
}

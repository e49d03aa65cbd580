package org.ablebatch.core.raster;

import java.util.function.IntPredicate;

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

  /** The smallest rectangle around both. */
  public Rect span(Rect other) {
    int left = Math.min(x, other.x);
    int top = Math.min(y, other.y);
    return new Rect(
        left,
        top,
        Math.max(right(), other.right()) - left,
        Math.max(bottom(), other.bottom()) - top);
  }

  /**
   * The smallest rectangle around all pixels of a grid that are in a set; empty when none is.
   *
   * @param width of the grid
   * @param size its pixels, row by row
   */
  public static Rect around(IntPredicate set, int width, int size) {
    int left = width;
    int top = size / width;
    int right = -1;
    int bottom = -1;
    for (int y = 0; y < size / width; y++) {
      for (int x = 0; x < width; x++) {
        if (set.test(y * width + x)) {
          left = Math.min(left, x);
          right = Math.max(right, x);
          top = Math.min(top, y);
          bottom = y;
        }
      }
    }
    return right < 0
        ? new Rect(0, 0, 0, 0)
        : new Rect(left, top, right - left + 1, bottom - top + 1);
  }

  /** True when the rectangle reaches the border of a picture of that size. */
  public boolean touches(int pictureWidth, int pictureHeight) {
    return x <= 0 || y <= 0 || right() >= pictureWidth || bottom() >= pictureHeight;
  }

  public Rect moved(int dx, int dy) {
    return new Rect(x + dx, y + dy, width, height);
  }

  /**
   * This rectangle on a grid of {@code gridWidth} × {@code gridHeight}, as the pixels that it
   * covers of a finer or coarser picture of the same shape.
   */
  public Rect scaled(int gridWidth, int gridHeight, Rect picture) {
    int left = (int) ((long) x * picture.width / gridWidth);
    int top = (int) ((long) y * picture.height / gridHeight);
    int r = (int) Math.ceil(right() * (double) picture.width / gridWidth);
    int b = (int) Math.ceil(bottom() * (double) picture.height / gridHeight);
    return new Rect(
        left, top, Math.min(picture.width, r) - left, Math.min(picture.height, b) - top);
  }
}

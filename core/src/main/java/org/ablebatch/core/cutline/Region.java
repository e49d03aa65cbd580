package org.ablebatch.core.cutline;

/**
 * What is to be cut out, pixel by pixel.
 *
 * @param inside row by row
 */
record Region(int width, int height, boolean[] inside) {
  boolean at(int x, int y) {
    return x >= 0 && y >= 0 && x < width && y < height && inside[y * width + x];
  }
}

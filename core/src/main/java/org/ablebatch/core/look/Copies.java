package org.ablebatch.core.look;

/**
 * The subject several times, each one behind the one before.
 *
 * @param count 2..6
 * @param x from one to the next to the right, percent of the subject's width
 * @param y from one to the next downwards, percent of its height
 */
public record Copies(int count, double x, double y) {
  private static final int MOST = 6;

  public Copies {
    Limits.require("count", count, 2, MOST);
    Limits.require("x", x, -150, 150);
    Limits.require("y", y, -150, 150);
  }
}

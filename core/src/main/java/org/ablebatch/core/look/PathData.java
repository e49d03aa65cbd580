package org.ablebatch.core.look;

import java.util.ArrayList;
import java.util.List;

/**
 * Data of an SVG path (SVG 2, section 9.3) as closed rings of points: lines, curves and arcs, drawn
 * out finely. It is data alone: whatever else stands in an SVG file has no place here.
 *
 * @param rings x and y in turn; three points or more each
 */
public record PathData(List<double[]> rings) {
  private static final int STEPS = 40;
  private static final int MOST_POINTS = 200_000;
  private static final double FARTHEST = 1e6;

  /**
   * @throws InvalidLook when it is no path data, or encloses nothing
   */
  public static PathData parse(String text) {
    Pen pen = new Pen();
    PathTokens tokens = new PathTokens(text);
    char command = 0;
    while (tokens.hasMore()) {
      char next = tokens.command();
      if (next != 0) {
        command = next;
      } else if (command == 0 || command == 'Z' || command == 'z') {
        throw PathTokens.wrong("lacks a letter such as M, L or C");
      }
      boolean relative = Character.isLowerCase(command);
      draw(pen, tokens, Character.toUpperCase(command), relative);
      // More pairs after a move are lines.
      if (command == 'M') {
        command = 'L';
      } else if (command == 'm') {
        command = 'l';
      }
    }
    pen.close();
    List<double[]> rings = pen.rings();
    if (rings.isEmpty()) {
      throw PathTokens.wrong("encloses nothing");
    }
    return new PathData(rings);
  }

  private static void draw(Pen pen, PathTokens t, char command, boolean relative) {
    double dx = relative ? pen.x : 0;
    double dy = relative ? pen.y : 0;
    switch (command) {
      case 'M' -> pen.moveTo(dx + t.number(), dy + t.number());
      case 'L' -> pen.lineTo(dx + t.number(), dy + t.number());
      case 'H' -> pen.lineTo(dx + t.number(), pen.y);
      case 'V' -> pen.lineTo(pen.x, dy + t.number());
      case 'C' ->
          pen.cubic(
              dx + t.number(),
              dy + t.number(),
              dx + t.number(),
              dy + t.number(),
              dx + t.number(),
              dy + t.number());
      case 'S' ->
          pen.cubic(
              pen.mirroredX('C'),
              pen.mirroredY('C'),
              dx + t.number(),
              dy + t.number(),
              dx + t.number(),
              dy + t.number());
      case 'Q' -> pen.quadratic(dx + t.number(), dy + t.number(), dx + t.number(), dy + t.number());
      case 'T' ->
          pen.quadratic(pen.mirroredX('Q'), pen.mirroredY('Q'), dx + t.number(), dy + t.number());
      case 'A' ->
          pen.arc(
              t.number(),
              t.number(),
              t.number(),
              t.flag(),
              t.flag(),
              dx + t.number(),
              dy + t.number());
      case 'Z' -> pen.close();
      default -> throw PathTokens.wrong("has “" + command + "”");
    }
  }

  /** Draws rings, and remembers where it is. */
  private static final class Pen {
    private final List<double[]> rings = new ArrayList<>();
    private List<double[]> points = new ArrayList<>();
    private int count;
    private double x;
    private double y;
    private double startX;
    private double startY;

    /** Of the last curve, for one that goes on smoothly. */
    private double controlX;

    private double controlY;
    private char last;

    void moveTo(double toX, double toY) {
      close();
      startX = toX;
      startY = toY;
      go(toX, toY);
    }

    void lineTo(double toX, double toY) {
      if (points.isEmpty()) {
        go(x, y);
      }
      go(toX, toY);
      last = 'L';
    }

    double mirroredX(char kind) {
      return last == kind ? 2 * x - controlX : x;
    }

    double mirroredY(char kind) {
      return last == kind ? 2 * y - controlY : y;
    }

    void cubic(double ax, double ay, double bx, double by, double toX, double toY) {
      double fromX = x;
      double fromY = y;
      for (int i = 1; i <= STEPS; i++) {
        double t = i / (double) STEPS;
        double u = 1 - t;
        lineTo(
            u * u * u * fromX + 3 * u * u * t * ax + 3 * u * t * t * bx + t * t * t * toX,
            u * u * u * fromY + 3 * u * u * t * ay + 3 * u * t * t * by + t * t * t * toY);
      }
      controlX = bx;
      controlY = by;
      last = 'C';
    }

    void quadratic(double cx, double cy, double toX, double toY) {
      cubic(
          x + 2.0 / 3 * (cx - x),
          y + 2.0 / 3 * (cy - y),
          toX + 2.0 / 3 * (cx - toX),
          toY + 2.0 / 3 * (cy - toY),
          toX,
          toY);
      controlX = cx;
      controlY = cy;
      last = 'Q';
    }

    /** From end points to a centre (SVG 2, appendix B.2.4). */
    void arc(
        double rx, double ry, double turn, boolean large, boolean sweep, double toX, double toY) {
      double a = Math.abs(rx);
      double b = Math.abs(ry);
      if (a == 0 || b == 0 || x == toX && y == toY) {
        lineTo(toX, toY);
        return;
      }
      double cos = Math.cos(Math.toRadians(turn));
      double sin = Math.sin(Math.toRadians(turn));
      double halfX = cos * (x - toX) / 2 + sin * (y - toY) / 2;
      double halfY = -sin * (x - toX) / 2 + cos * (y - toY) / 2;
      double grow = Math.max(1, Math.sqrt(halfX * halfX / (a * a) + halfY * halfY / (b * b)));
      a *= grow;
      b *= grow;
      double under = a * a * halfY * halfY + b * b * halfX * halfX;
      double root = Math.sqrt(Math.max(0, (a * a * b * b - under) / under));
      double side = large == sweep ? -root : root;
      double middleX = side * a * halfY / b;
      double middleY = -side * b * halfX / a;
      double centreX = cos * middleX - sin * middleY + (x + toX) / 2;
      double centreY = sin * middleX + cos * middleY + (y + toY) / 2;
      double from = Math.atan2((halfY - middleY) / b, (halfX - middleX) / a);
      double until = Math.atan2((-halfY - middleY) / b, (-halfX - middleX) / a);
      double way = until - from;
      if (sweep && way < 0) {
        way += 2 * Math.PI;
      } else if (!sweep && way > 0) {
        way -= 2 * Math.PI;
      }
      for (int i = 1; i < STEPS; i++) {
        double angle = from + way * i / STEPS;
        double u = a * Math.cos(angle);
        double v = b * Math.sin(angle);
        lineTo(centreX + cos * u - sin * v, centreY + sin * u + cos * v);
      }
      lineTo(toX, toY);
    }

    void close() {
      if (points.size() >= 3) {
        double[] ring = new double[2 * points.size()];
        for (int i = 0; i < points.size(); i++) {
          ring[2 * i] = points.get(i)[0];
          ring[2 * i + 1] = points.get(i)[1];
        }
        rings.add(ring);
      }
      points = new ArrayList<>();
      x = startX;
      y = startY;
      last = 'Z';
    }

    List<double[]> rings() {
      return rings;
    }

    private void go(double toX, double toY) {
      if (!(Math.abs(toX) <= FARTHEST && Math.abs(toY) <= FARTHEST)) {
        throw PathTokens.wrong("goes too far away");
      }
      if (++count > MOST_POINTS) {
        throw PathTokens.wrong("has too many points");
      }
      x = toX;
      y = toY;
      points.add(new double[] {toX, toY});
    }
  }
}

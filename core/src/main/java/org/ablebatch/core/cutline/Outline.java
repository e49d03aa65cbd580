package org.ablebatch.core.cutline;

import java.util.List;

/**
 * A closed line.
 *
 * @param hole its inside is cut out of a part
 */
public record Outline(Point start, List<Piece> pieces, boolean hole) {

  /**
   * A cubic curve from where the one before ended.
   *
   * @param first control point; the end of the straight line to a corner where both are one
   */
  public record Piece(Point first, Point second, Point end) {
    static Piece straight(Point to) {
      return new Piece(to, to, to);
    }

    public boolean isStraight() {
      return first.equals(second) && second.equals(end);
    }

    Piece times(double scale) {
      return new Piece(first.times(scale), second.times(scale), end.times(scale));
    }

    Piece plus(double dx, double dy) {
      return new Piece(first.plus(dx, dy), second.plus(dx, dy), end.plus(dx, dy));
    }
  }

  Outline times(double scale) {
    return new Outline(
        start.times(scale), pieces.stream().map(piece -> piece.times(scale)).toList(), hole);
  }

  /** The same elsewhere. */
  public Outline plus(double dx, double dy) {
    return new Outline(
        start.plus(dx, dy), pieces.stream().map(piece -> piece.plus(dx, dy)).toList(), hole);
  }
}

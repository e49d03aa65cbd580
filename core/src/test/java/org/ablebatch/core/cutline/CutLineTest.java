package org.ablebatch.core.cutline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.ablebatch.core.cutline.CutLineRules.Small;
import org.ablebatch.core.raster.Matte;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CutLineTest {
  private static final CutLineRules PLAIN = new CutLineRules(0, 0, Small.KEEP, true);

  private interface Shape {
    boolean has(double x, double y);
  }

  @Test
  void aRectangleKeepsItsCorners() {
    Matte matte = matte(80, 60, (x, y) -> x > 10 && x < 50 && y > 20 && y < 45);

    CutLine line = CutLine.of(matte, 0.5, PLAIN);

    assertThat(line.parts()).isEqualTo(1);
    Outline outline = line.outlines().get(0);
    assertThat(outline.hole()).isFalse();
    assertThat(outline.pieces()).allMatch(Outline.Piece::isStraight);
    double[] box = box(outline);
    assertThat(box[0]).isCloseTo(5, within(1e-6));
    assertThat(box[1]).isCloseTo(10, within(1e-6));
    assertThat(box[2]).isCloseTo(25, within(1e-6));
    assertThat(box[3]).isCloseTo(22.5, within(1e-6));
    assertThat(area(outline)).isCloseTo(20 * 12.5, within(1e-6));
  }

  /** The method allows half a pixel; curves lie a quarter inside on the whole. */
  @ParameterizedTest
  @ValueSource(doubles = {12, 40, 90})
  void aCircleIsRoundToAFractionOfAPixel(double radius) {
    Matte matte = matte(200, 200, (x, y) -> Math.hypot(x - 100.3, y - 99.6) < radius);

    Outline outline = CutLine.of(matte, 1, PLAIN).outlines().get(0);

    double squares = 0;
    List<Point> points = points(outline);
    for (Point p : points) {
      double off = Math.hypot(p.x() - 100.3, p.y() - 99.6) - radius;
      assertThat(off).isBetween(-0.75, 0.75);
      squares += off * off;
    }
    assertThat(Math.sqrt(squares / points.size())).isLessThan(0.3);
    assertThat(area(outline))
        .isCloseTo(Math.PI * radius * radius, within(0.35 * 2 * Math.PI * radius));
    assertThat(outline.pieces()).hasSizeLessThan((int) (4 * radius));
  }

  @Test
  void aSlantedEdgeIsAStraightLine() {
    Matte matte = matte(200, 120, (x, y) -> y > 20 + 0.37 * x && x > 10 && x < 190 && y < 115);

    Outline outline = CutLine.of(matte, 1, PLAIN).outlines().get(0);

    List<Point> slope =
        points(outline).stream().filter(p -> p.x() > 20 && p.x() < 180 && p.y() < 100).toList();
    assertThat(slope).hasSizeGreaterThan(2);
    for (Point p : slope) {
      assertThat(p.y() - (20 + 0.37 * p.x())).isBetween(-0.8, 0.8);
    }
    assertThat(outline.pieces()).hasSizeLessThan(20);
  }

  @Test
  void theOffsetIsInMillimetres() {
    Matte matte = matte(200, 200, (x, y) -> Math.hypot(x - 100, y - 100) < 40);

    Outline wide =
        CutLine.of(matte, 0.25, new CutLineRules(3, 0, Small.KEEP, true)).outlines().get(0);
    Outline tight =
        CutLine.of(matte, 0.25, new CutLineRules(-2, 0, Small.KEEP, true)).outlines().get(0);

    assertThat(area(wide)).isCloseTo(Math.PI * 13 * 13, within(12.0));
    assertThat(area(tight)).isCloseTo(Math.PI * 8 * 8, within(8.0));
  }

  @Test
  void holesAreCutWhereTheyAreLargeEnough() {
    Shape ring =
        (x, y) ->
            Math.hypot(x - 100, y - 100) < 80
                && Math.hypot(x - 80, y - 100) > 30
                && Math.hypot(x - 150, y - 100) > 3;
    Matte matte = matte(200, 200, ring);

    CutLine cut = CutLine.of(matte, 1, new CutLineRules(0, 10, Small.KEEP, true));
    CutLine whole = CutLine.of(matte, 1, new CutLineRules(0, 10, Small.KEEP, false));

    assertThat(cut.outlines()).extracting(Outline::hole).containsExactlyInAnyOrder(false, true);
    assertThat(cut.filled()).isEqualTo(1);
    assertThat(whole.outlines()).hasSize(1);
    assertThat(whole.filled()).isEqualTo(2);
  }

  @Test
  void smallPartsAreJoinedDroppedOrKept() {
    Shape two = (x, y) -> x > 20 && x < 100 && y > 20 && y < 100 || Math.hypot(x - 120, y - 60) < 4;
    Matte matte = matte(160, 120, two);

    CutLine kept = CutLine.of(matte, 1, new CutLineRules(0, 10, Small.KEEP, true));
    CutLine dropped = CutLine.of(matte, 1, new CutLineRules(0, 10, Small.DROP, true));
    CutLine joined = CutLine.of(matte, 1, new CutLineRules(0, 10, Small.JOIN, true));

    assertThat(kept.parts()).isEqualTo(2);
    assertThat(dropped.parts()).isEqualTo(1);
    assertThat(dropped.dropped()).isEqualTo(1);
    assertThat(joined.parts()).isEqualTo(1);
    assertThat(joined.joined()).isEqualTo(1);
    assertThat(area(joined.outlines().get(0)))
        .as("the bridge of 10 × 16 and the part")
        .isBetween(6400.0 + 150, 6400.0 + 330);
  }

  @Test
  void nothingGivesNoLineAndOnePixelASmallOne() {
    assertThat(CutLine.of(matte(20, 20, (x, y) -> false), 1, PLAIN).outlines()).isEmpty();
    CutLine dot = CutLine.of(matte(5, 5, (x, y) -> x > 2 && x < 3 && y > 2 && y < 3), 1, PLAIN);
    assertThat(dot.parts()).isEqualTo(1);
    assertThat(area(dot.outlines().get(0))).isBetween(0.3, 1.01);
    Matte full = matte(30, 20, (x, y) -> true);
    assertThat(area(CutLine.of(full, 1, PLAIN).outlines().get(0))).isCloseTo(600, within(1e-6));
  }

  private static Matte matte(int width, int height, Shape shape) {
    byte[] coverage = new byte[width * height];
    for (int i = 0; i < coverage.length; i++) {
      coverage[i] = (byte) (shape.has(i % width + 0.5, i / width + 0.5) ? 255 : 0);
    }
    return new Matte(width, height, coverage);
  }

  /** Along the line, some on every piece. */
  private static List<Point> points(Outline outline) {
    List<Point> points = new ArrayList<>();
    Point from = outline.start();
    for (Outline.Piece piece : outline.pieces()) {
      for (int s = 1; s <= 8; s++) {
        double t = s / 8.0;
        double u = 1 - t;
        points.add(
            piece.isStraight()
                ? from.to(piece.end(), t)
                : new Point(
                    u * u * u * from.x()
                        + 3 * u * u * t * piece.first().x()
                        + 3 * u * t * t * piece.second().x()
                        + t * t * t * piece.end().x(),
                    u * u * u * from.y()
                        + 3 * u * u * t * piece.first().y()
                        + 3 * u * t * t * piece.second().y()
                        + t * t * t * piece.end().y()));
      }
      from = piece.end();
    }
    return points;
  }

  private static double area(Outline outline) {
    List<Point> points = points(outline);
    double twice = 0;
    Point before = points.get(points.size() - 1);
    for (Point p : points) {
      twice += before.x() * p.y() - before.y() * p.x();
      before = p;
    }
    return Math.abs(twice / 2);
  }

  private static double[] box(Outline outline) {
    double[] box = {Double.MAX_VALUE, Double.MAX_VALUE, -Double.MAX_VALUE, -Double.MAX_VALUE};
    for (Point p : points(outline)) {
      box[0] = Math.min(box[0], p.x());
      box[1] = Math.min(box[1], p.y());
      box[2] = Math.max(box[2], p.x());
      box[3] = Math.max(box[3], p.y());
    }
    return box;
  }
}

package org.ablebatch.core.area;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import org.ablebatch.core.area.Area.Joining;
import org.ablebatch.core.area.Area.Part;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.stroke.StrokePoint;
import org.junit.jupiter.api.Test;

class AreaMaskTest {
  private static final int W = 120;
  private static final int H = 90;

  @Test
  void aBoxCoversItsPixelsAndHalfPixelsInPart() {
    AreaMask mask = mask(new Area(List.of(add(box(10, 20.5, 40, 60.25))), false, 0));

    assertThat(mask.at(10, 30)).isEqualTo(255);
    assertThat(mask.at(9, 30)).isZero();
    assertThat(mask.at(39, 30)).isEqualTo(255);
    assertThat(mask.at(40, 30)).isZero();
    assertThat(mask.at(20, 20)).isBetween(100, 155);
    assertThat(mask.at(20, 60)).isBetween(40, 90);
  }

  @Test
  void cornersMayComeInAnyOrder() {
    byte[] one = mask(Area.of(box(10, 20, 40, 60))).share();
    byte[] other = mask(Area.of(box(40, 60, 10, 20))).share();

    assertThat(one).isEqualTo(other);
  }

  @Test
  void anEllipseHasItsArea() {
    AreaMask mask = mask(Area.of(new Shape(Shape.Kind.ELLIPSE, points(20, 10, 100, 70))));

    assertThat(sum(mask) / 255).isCloseTo(Math.PI * 40 * 30, within(12.0));
  }

  @Test
  void shapesAddSubtractAndOverlap() {
    Area area =
        new Area(
            List.of(
                add(box(10, 10, 50, 50)),
                add(box(60, 10, 80, 50)),
                new Part(Joining.SUBTRACT, box(20, 20, 30, 30)),
                new Part(Joining.INTERSECT, box(0, 0, 70, 40))),
            false,
            0);
    AreaMask mask = mask(area);

    assertThat(mask.at(12, 12)).isEqualTo(255);
    assertThat(mask.at(25, 25)).as("subtracted").isZero();
    assertThat(mask.at(65, 20)).as("added").isEqualTo(255);
    assertThat(mask.at(75, 20)).as("beside the overlap").isZero();
    assertThat(mask.at(12, 45)).as("below the overlap").isZero();
  }

  @Test
  void theInverseIsEverythingElse() {
    Area area = new Area(List.of(add(box(10, 10, 50, 50))), false, 0);
    AreaMask inside = mask(area);
    AreaMask outside = mask(new Area(area.parts(), true, 0));

    assertThat(outside.box()).isEqualTo(new Rect(0, 0, W, H));
    for (int y = 0; y < H; y++) {
      for (int x = 0; x < W; x++) {
        assertThat(inside.at(x, y) + outside.at(x, y)).isEqualTo(255);
      }
    }
  }

  @Test
  void anOutlineThatCrossesItselfHasNoHole() {
    AreaMask mask =
        mask(
            Area.of(
                new Shape(
                    Shape.Kind.OUTLINE,
                    points(10, 10, 60, 10, 60, 60, 10, 60, 10, 10, 70, 10, 70, 50, 10, 50))));

    assertThat(mask.at(30, 30)).isEqualTo(255);
  }

  @Test
  void aFeatheredRimFallsSmoothlyOverItsWidth() {
    AreaMask mask = mask(new Area(List.of(add(box(30, 20, 90, 70))), false, 12));

    assertThat(mask.at(60, 45)).isEqualTo(255);
    assertThat(mask.at(30, 45)).isBetween(90, 165);
    int previous = -1;
    for (int x = 15; x < 50; x++) {
      assertThat(mask.at(x, 45)).isGreaterThanOrEqualTo(previous);
      previous = mask.at(x, 45);
    }
  }

  @Test
  void whatLiesBesideThePictureIsEmpty() {
    assertThat(mask(Area.of(box(-90, -90, -10, -10))).box().isEmpty()).isTrue();
    assertThat(mask(Area.of(box(100, 80, 400, 400))).box()).isEqualTo(new Rect(100, 80, 20, 10));
  }

  @Test
  void impossibleShapesAreRefusedInWords() {
    assertThatThrownBy(() -> new Shape(Shape.Kind.BOX, points(1, 1)))
        .hasMessageContaining("two corners");
    assertThatThrownBy(() -> new Shape(Shape.Kind.OUTLINE, points(1, 1, 2, 2)))
        .hasMessageContaining("3 to 20000 points");
    assertThatThrownBy(() -> new Area(List.of(), false, 0)).hasMessageContaining("1 to 200 shapes");
    assertThatThrownBy(() -> new Area(List.of(add(box(0, 0, 5, 5))), false, -1))
        .hasMessageContaining("0 to 200 px");
  }

  private static AreaMask mask(Area area) {
    return AreaMask.of(area, W, H);
  }

  private static double sum(AreaMask mask) {
    double sum = 0;
    for (byte share : mask.share()) {
      sum += share & 0xFF;
    }
    return sum;
  }

  private static Part add(Shape shape) {
    return new Part(Joining.ADD, shape);
  }

  private static Shape box(double x, double y, double right, double bottom) {
    return new Shape(Shape.Kind.BOX, points(x, y, right, bottom));
  }

  private static List<StrokePoint> points(double... numbers) {
    StrokePoint[] points = new StrokePoint[numbers.length / 2];
    for (int k = 0; k < points.length; k++) {
      points[k] = new StrokePoint(numbers[2 * k], numbers[2 * k + 1]);
    }
    return Arrays.asList(points);
  }
}

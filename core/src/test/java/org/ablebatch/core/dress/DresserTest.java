package org.ablebatch.core.dress;

import static org.ablebatch.core.dress.Posts.GREEN;
import static org.ablebatch.core.dress.Posts.box;
import static org.ablebatch.core.dress.Posts.onFloor;
import static org.ablebatch.core.dress.Posts.post;
import static org.ablebatch.core.dress.Posts.square;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.ablebatch.core.color.Srgb;
import org.ablebatch.core.look.Backdrop;
import org.ablebatch.core.look.CastShadow;
import org.ablebatch.core.look.Colour;
import org.ablebatch.core.look.ContactShadow;
import org.ablebatch.core.look.Fill;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.look.Mask;
import org.ablebatch.core.look.Outline;
import org.ablebatch.core.look.Part;
import org.ablebatch.core.look.SubjectPlace;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.junit.jupiter.api.Test;

class DresserTest {
  private static final Dresser DRESSER = new Dresser(Supplies.none());

  @Test
  void sizeIsExactAndCornersAreClear() {
    Picture result =
        compose(square(400, 300, new Rect(150, 100, 60, 80)), 97, 53, new Fill.Clear());

    assertThat(result.width()).isEqualTo(97);
    assertThat(result.height()).isEqualTo(53);
    assertThat(result.at(0, 0)).isZero();
    assertThat(result.at(48, 26)).isEqualTo(GREEN);
  }

  @Test
  void aSolidFillReachesTheCornersAndIsOpaque() {
    Picture result =
        compose(square(200, 200, new Rect(20, 60, 90, 50)), 80, 80, new Fill.Solid(0xE9E0CE));

    assertThat(result.at(0, 0)).isEqualTo(0xFFE9E0CE);
    assertThat(result.at(79, 79)).isEqualTo(0xFFE9E0CE);
    assertThat(result.hasTransparency()).isFalse();
  }

  @Test
  void theSubjectFillsTheFrameUpToItsMargin() {
    Rect content = new Rect(30, 40, 120, 60);
    Picture result = compose(square(300, 200, content), 200, 200, new Fill.Clear());

    Rect found = box(result);
    assertThat(found.x()).isCloseTo(20, within(1));
    assertThat(found.width()).isCloseTo(160, within(2));
    assertThat(found.y() + found.height() / 2.0).isCloseTo(100, within(1.0));
  }

  @Test
  void edgesMixInLinearLight() {
    int[] argb = {0x80FFFFFF};
    Picture half = new Picture(1, 1, argb);

    Picture result = Resampling.over(half, Colour.BLACK);

    assertThat(result.at(0, 0) & 0xFF).isBetween(187, 189);
  }

  @Test
  void clearColoursDoNotBleedIntoTheEdge() {
    Picture cutout = square(64, 64, new Rect(16, 16, 32, 32));

    Picture result = compose(cutout, 21, 21, new Fill.Clear());

    for (int pixel : result.argb()) {
      if (pixel >>> 24 > 20) {
        assertThat(Math.abs((pixel >> 8 & 0xFF) - 0x7D)).isLessThan(6);
      }
    }
  }

  @Test
  void enlargingKeepsFlatPlacesFlat() {
    Picture result = compose(square(20, 20, new Rect(5, 5, 10, 10)), 300, 300, new Fill.Clear());

    assertThat(result.at(150, 150)).isEqualTo(GREEN);
    assertThat(result.at(60, 150)).isEqualTo(GREEN);
  }

  @Test
  void fillsAreReadFromTextAndWrittenBack() {
    assertThat(Fill.parse("#e9E0ce").text()).isEqualTo("#E9E0CE");
    assertThat(Fill.parse("transparent")).isEqualTo(new Fill.Clear());
    assertThatThrownBy(() -> Fill.parse("reddish")).hasMessageContaining("is not a backdrop");
    assertThatThrownBy(() -> Look.plain(new Fill.Clear(), 46)).hasMessageContaining("0 to 45");
  }

  @Test
  void aGradientHasItsColoursWhereItsStopsAre() {
    Fill gradient =
        new Fill.Gradient(
            Fill.Spread.LINEAR,
            90,
            List.of(
                new Fill.Stop(0, new Colour(0x000000)),
                new Fill.Stop(50, new Colour(0x808080)),
                new Fill.Stop(100, new Colour(0xFFFFFF))));
    Picture result = DRESSER.dress(nothing(), Look.plain(gradient, 10), new Frame(20, 401));

    assertThat(result.at(3, 200) & 0xFF).isCloseTo(0x80, within(1));
    float quarter = (Srgb.toLinear(0x80) + 1) / 2;
    assertThat(result.at(17, 300) & 0xFF).isCloseTo(Srgb.toDisplay(quarter), within(1));
    assertThat(result.at(3, 0) & 0xFF).isLessThan(10);
    assertThat(result.at(3, 400) & 0xFF).isGreaterThan(253);
  }

  @Test
  void aRadialGradientIsTheSameAllAround() {
    Fill gradient =
        new Fill.Gradient(
            Fill.Spread.RADIAL,
            0,
            List.of(new Fill.Stop(0, Colour.WHITE), new Fill.Stop(100, Colour.BLACK)));
    Picture result = DRESSER.dress(nothing(), Look.plain(gradient, 10), new Frame(201, 201));

    assertThat(result.at(100, 100)).isEqualTo(0xFFFFFFFF);
    assertThat(result.at(100, 30)).isEqualTo(result.at(30, 100)).isEqualTo(result.at(170, 100));
  }

  @Test
  void oneLookServesSmallAndLargeFrames() {
    Look look =
        onFloor(
            List.of(
                new Part(
                    "a",
                    "",
                    true,
                    new Backdrop(
                        new Fill.Sweep(new Colour(0xE9E0CE), new Colour(0xB09A70), 12, 20))),
                new Part("b", "", true, CastShadow.DEFAULT),
                new Part("c", "", true, ContactShadow.DEFAULT)));
    Picture small = DRESSER.dress(post(), look, new Frame(500, 500));
    Picture large =
        Resampling.into(
            new Frame(500, 500),
            DRESSER.dress(post(), look, new Frame(2000, 2000)),
            new Placement(0.25, 0, 0));

    double sum = 0;
    for (int i = 0; i < small.argb().length; i++) {
      for (int shift = 0; shift <= 16; shift += 8) {
        sum += Math.abs((small.argb()[i] >> shift & 0xFF) - (large.argb()[i] >> shift & 0xFF));
      }
    }
    assertThat(sum / (3.0 * small.argb().length)).isLessThan(1);
  }

  @Test
  void anOutlineLiesAroundTheSubjectInItsColour() {
    Look look =
        new Look(
            List.of(
                new Part("s", "", true, SubjectPlace.within(20)),
                new Part(
                    "o", "", true, new Outline(2, 0, Outline.Side.OUTSIDE, new Colour(0xFF0000)))));
    Picture cutout = square(300, 300, new Rect(100, 100, 100, 100));
    Picture result = DRESSER.dress(new Dressable(cutout, box(cutout)), look, new Frame(500, 500));

    assertThat(result.at(250, 95)).isEqualTo(0xFFFF0000);
    assertThat(result.at(250, 250)).isEqualTo(GREEN);
    assertThat(result.at(250, 85) >>> 24).isZero();
  }

  @Test
  void aRoundFrameCutsTheCornersOff() {
    Look look = Look.plain(Fill.Solid.WHITE, 20).withBackdrop(new Fill.Solid(0x336699));
    List<Part> parts = new ArrayList<>(look.parts());
    parts.add(new Part("m", "", true, new Mask(Mask.Shape.CIRCLE, 0, 5, 1, Colour.BLACK)));
    Picture result = DRESSER.dress(post(), new Look(parts), new Frame(400, 400));

    assertThat(result.at(2, 2) >>> 24).isZero();
    assertThat(result.at(200, 22)).isEqualTo(0xFF000000);
    assertThat(result.at(200, 40)).isEqualTo(0xFF336699);
  }

  @Test
  void aTurnedSubjectIsMeasuredAnew() {
    SubjectPlace lying =
        new SubjectPlace(
            SubjectPlace.Size.MARGIN, 10, SubjectPlace.Stand.CENTRE, 0, 0, 0, 90, false, false);
    Look look = new Look(List.of(new Part("s", "", true, lying)));
    Rect found = box(DRESSER.dress(post(), look, new Frame(400, 400)));

    assertThat(found.width()).isCloseTo(320, within(3));
    assertThat(found.height()).isLessThan(100);
  }

  @Test
  void aFlippedSubjectIsItsMirrorImage() {
    int[] argb = square(100, 100, new Rect(20, 20, 60, 60)).argb().clone();
    argb[50 * 100 + 25] = 0xFFFF0000;
    Picture cutout = new Picture(100, 100, argb);
    SubjectPlace flipped =
        new SubjectPlace(
            SubjectPlace.Size.WIDTH, 60, SubjectPlace.Stand.CENTRE, 0, 0, 0, 0, true, false);
    Look look = new Look(List.of(new Part("s", "", true, flipped)));
    Picture result = DRESSER.dress(new Dressable(cutout, box(cutout)), look, new Frame(100, 100));

    assertThat(result.at(74, 50)).isEqualTo(0xFFFF0000);
    assertThat(result.at(25, 50)).isEqualTo(GREEN);
  }

  private static Dressable nothing() {
    return new Dressable(new Picture(10, 10, new int[100]), new Rect(4, 4, 2, 2));
  }

  private static Picture compose(Picture cutout, int width, int height, Fill fill) {
    Dressable dressable = new Dressable(cutout, box(cutout));
    return DRESSER.dress(dressable, Look.plain(fill, 10), new Frame(width, height));
  }
}

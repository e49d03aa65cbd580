package org.ablebatch.core.dress;

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
import org.ablebatch.core.look.DropShadow;
import org.ablebatch.core.look.Fill;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.look.Mask;
import org.ablebatch.core.look.Outline;
import org.ablebatch.core.look.Part;
import org.ablebatch.core.look.Reflection;
import org.ablebatch.core.look.Setting;
import org.ablebatch.core.look.SubjectPlace;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.junit.jupiter.api.Test;

class DresserTest {
  private static final Dresser DRESSER = new Dresser(Supplies.none());
  private static final int GREEN = 0xFF2E7D46;

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
  void aShadowFallsWhereItsDirectionSays() {
    Dressable post = post();
    double[] right = middleOfShade(post, new CastShadow(20, 100, 100, 0.2, 0, Colour.BLACK));
    double[] left = middleOfShade(post, new CastShadow(160, 100, 100, 0.2, 0, Colour.BLACK));
    double[] front = middleOfShade(post, new CastShadow(-20, 100, 100, 0.2, 0, Colour.BLACK));
    double foot = standing(post).foot();
    double height = standing(post).height();

    assertThat(right[0]).isCloseTo(200 + height / 2 * Math.cos(Math.toRadians(20)), within(3.0));
    assertThat(left[0]).isCloseTo(400 - right[0], within(1.5));
    assertThat(right[1]).isLessThan(foot);
    assertThat(front[1]).isGreaterThan(foot);
  }

  @Test
  void aContactShadowLiesAtTheFoot() {
    double[] middle = middleOfShade(post(), new ContactShadow(100, 4, 1, Colour.BLACK));

    assertThat(middle[0]).isCloseTo(200, within(1.0));
    assertThat(middle[1]).isCloseTo(standing(post()).foot(), within(8.0));
  }

  @Test
  void whatIsBehindTheSubjectChangesNothingOfIt() {
    Picture plain = DRESSER.dress(post(), onFloor(List.of()), new Frame(400, 400));
    Picture full =
        DRESSER.dress(
            post(),
            onFloor(
                List.of(
                    new Part("a", "", true, new Backdrop(new Fill.Solid(0xC0FFEE))),
                    new Part("b", "", true, CastShadow.DEFAULT),
                    new Part("c", "", true, ContactShadow.DEFAULT),
                    new Part("d", "", true, new DropShadow(3, 3, 4, 80, Colour.BLACK)),
                    new Part("e", "", true, new Reflection(60, 50, 0.5)))),
            new Frame(400, 400));

    int compared = 0;
    for (int y = 1; y < 399; y++) {
      for (int x = 1; x < 399; x++) {
        if (isInside(plain, x, y)) {
          assertThat(full.at(x, y)).isEqualTo(plain.at(x, y));
          compared++;
        }
      }
    }
    assertThat(compared).isGreaterThan(1_000);
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
  void aReflectionFadesAndIsGone() {
    Look look = onFloor(List.of(new Part("r", "", true, new Reflection(50, 40, 0))));
    Picture result = DRESSER.dress(post(), look, new Frame(400, 400));
    int foot = (int) Math.round(standing(post()).foot());

    assertThat(result.at(200, foot + 2) >>> 24).isCloseTo(127, within(8));
    assertThat(result.at(200, foot + 20) >>> 24).isLessThan(result.at(200, foot + 2) >>> 24);
    assertThat(result.at(200, 395) >>> 24).isZero();
  }

  @Test
  void aBlurredReflectionIsTheSameWithASofterEdge() {
    Dressable post = post();
    Frame frame = new Frame(400, 400);
    Picture sharp = DRESSER.dress(post, onFloor(List.of(part(new Reflection(50, 40, 0)))), frame);
    Picture soft = DRESSER.dress(post, onFloor(List.of(part(new Reflection(50, 40, 3)))), frame);
    int row = (int) Math.round(standing(post).foot()) + 12;

    double before = 0;
    double after = 0;
    int wide = 0;
    for (int x = 0; x < 400; x++) {
      before += sharp.at(x, row) >>> 24;
      after += soft.at(x, row) >>> 24;
      wide += (soft.at(x, row) >>> 24) > 3 ? 1 : 0;
      wide -= (sharp.at(x, row) >>> 24) > 3 ? 1 : 0;
    }
    assertThat(wide).isGreaterThan(5);
    assertThat(after).isCloseTo(before, within(0.1 * before));
  }

  private static Part part(Setting setting) {
    return new Part("p", "", true, setting);
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

  private static boolean isInside(Picture picture, int x, int y) {
    for (int dy = -1; dy <= 1; dy++) {
      for (int dx = -1; dx <= 1; dx++) {
        if (picture.at(x + dx, y + dy) >>> 24 != 255) {
          return false;
        }
      }
    }
    return true;
  }

  /** Where the shade's middle is, weighted by how dark it is. */
  private static double[] middleOfShade(Dressable dressable, Setting shadow) {
    Look look =
        new Look(
            List.of(
                new Part("b", "", true, new Backdrop(Fill.Solid.WHITE)),
                new Part("c", "", true, shadow)));
    Look standing =
        new Look(
            List.of(look.parts().get(0), look.parts().get(1), onFloor(List.of()).parts().get(0)));
    Picture bare =
        DRESSER.dress(
            dressable,
            new Look(List.of(look.parts().get(0), onFloor(List.of()).parts().get(0))),
            new Frame(400, 400));
    Picture with = DRESSER.dress(dressable, standing, new Frame(400, 400));
    double x = 0;
    double y = 0;
    double weight = 0;
    for (int i = 0; i < with.argb().length; i++) {
      double dark = (bare.argb()[i] & 0xFF) - (with.argb()[i] & 0xFF);
      x += dark * (i % 400 + 0.5);
      y += dark * (i / 400 + 0.5);
      weight += dark;
    }
    assertThat(weight).as("there is a shadow").isPositive();
    return new double[] {x / weight, y / weight};
  }

  /** A thin post in the middle of its picture. */
  private static Dressable post() {
    Picture cutout = square(200, 200, new Rect(95, 40, 10, 120));
    return new Dressable(cutout, box(cutout));
  }

  private static Standing standing(Dressable dressable) {
    return Dresser.standing(dressable, onFloor(List.of()), new Frame(400, 400));
  }

  private static Look onFloor(List<Part> behind) {
    List<Part> parts = new ArrayList<>(behind);
    parts.add(
        new Part(
            "subject",
            "",
            true,
            new SubjectPlace(
                SubjectPlace.Size.HEIGHT,
                40,
                SubjectPlace.Stand.FLOOR,
                25,
                0,
                0,
                0,
                false,
                false)));
    return new Look(parts);
  }

  private static Dressable nothing() {
    return new Dressable(new Picture(10, 10, new int[100]), new Rect(4, 4, 2, 2));
  }

  private static Picture compose(Picture cutout, int width, int height, Fill fill) {
    Dressable dressable = new Dressable(cutout, box(cutout));
    return DRESSER.dress(dressable, Look.plain(fill, 10), new Frame(width, height));
  }

  private static Picture square(int width, int height, Rect part) {
    int[] argb = new int[width * height];
    for (int y = part.y(); y < part.bottom(); y++) {
      for (int x = part.x(); x < part.right(); x++) {
        argb[y * width + x] = GREEN;
      }
    }
    return new Picture(width, height, argb);
  }

  private static Rect box(Picture picture) {
    byte[] alpha = new byte[picture.argb().length];
    for (int i = 0; i < alpha.length; i++) {
      alpha[i] = (byte) (picture.argb()[i] >>> 24);
    }
    return new org.ablebatch.core.raster.Matte(picture.width(), picture.height(), alpha)
        .contentBox(128);
  }
}

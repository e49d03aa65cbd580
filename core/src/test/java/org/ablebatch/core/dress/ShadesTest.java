package org.ablebatch.core.dress;

import static org.ablebatch.core.dress.Posts.onFloor;
import static org.ablebatch.core.dress.Posts.post;
import static org.ablebatch.core.dress.Posts.standing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.ablebatch.core.look.Backdrop;
import org.ablebatch.core.look.CastShadow;
import org.ablebatch.core.look.Colour;
import org.ablebatch.core.look.ContactShadow;
import org.ablebatch.core.look.DropShadow;
import org.ablebatch.core.look.Fill;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.look.Part;
import org.ablebatch.core.look.Reflection;
import org.ablebatch.core.look.Setting;
import org.ablebatch.core.raster.Picture;
import org.junit.jupiter.api.Test;

/** Shadows and reflections: where they fall, and that they stay behind the subject. */
class ShadesTest {
  private static final Dresser DRESSER = new Dresser(Supplies.none());

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
}

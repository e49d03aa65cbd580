package org.ablebatch.core.dress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.ablebatch.core.look.Backdrop;
import org.ablebatch.core.look.Colour;
import org.ablebatch.core.look.Copies;
import org.ablebatch.core.look.Fill;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.look.Mask;
import org.ablebatch.core.look.Part;
import org.ablebatch.core.look.SubjectPlace;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.junit.jupiter.api.Test;

/** Several copies, true sizes, and shapes of one's own. */
class ArrangedTest {
  private static final Dresser DRESSER = new Dresser(Supplies.none());
  private static final int GREEN = 0xFF2E7D46;

  @Test
  void copiesStandSideBySideInsideTheMargin() {
    Picture dressed = dress(block(null), copies(new Copies(3, 150, 0)), 400, 200);

    int[] runs = runsInRow(dressed, 100);
    assertThat(runs[0]).as("blocks in the middle row").isEqualTo(3);
    assertThat(runs[1]).as("first column").isCloseTo(40, within(2));
    assertThat(runs[2]).as("last column").isCloseTo(359, within(2));
  }

  @Test
  void whatLiesInFrontHidesWhatLiesBehind() {
    Picture two = new Picture(40, 20, new int[800]);
    for (int i = 0; i < 800; i++) {
      two.argb()[i] = i % 40 < 20 ? 0xFFFF0000 : 0xFF0000FF;
    }
    Dressable dressable = new Dressable(framed(two, 60), new Rect(60, 60, 40, 20));

    Picture dressed = dress(dressable, copies(new Copies(2, 50, 0)), 300, 150);

    // The first one's blue half lies over the second one's red half.
    assertThat(dressed.at(60, 75)).isEqualTo(0xFFFF0000);
    assertThat(dressed.at(150, 75)).isEqualTo(0xFF0000FF);
    assertThat(dressed.at(240, 75)).isEqualTo(0xFF0000FF);
  }

  @Test
  void inMillimetresThingsKeepTheirTrueSizes() {
    SubjectPlace place =
        new SubjectPlace(
            SubjectPlace.Size.MILLIMETRES,
            20,
            SubjectPlace.Stand.FLOOR,
            10,
            0,
            0,
            0,
            false,
            true,
            "height_mm",
            null);
    Frame frame = new Frame(300, 200);
    Look look = look(place);

    Standing small = Dresser.standing(block(Map.of("height_mm", "150")), look, frame);
    Standing large = Dresser.standing(block(Map.of("height_mm", "300 mm")), look, frame);
    Standing unknown = Dresser.standing(block(Map.of("height_mm", "tall")), look, frame);

    assertThat(small.height()).isCloseTo(60, within(0.01));
    assertThat(large.height()).isCloseTo(120, within(0.01));
    assertThat(large.foot()).isEqualTo(small.foot());
    assertThat(unknown.height()).isCloseTo(200 - 2 * 0.08 * 200 - 4, within(0.01));
    assertThat(
            new LookCheck(Supplies.none())
                .find(block(Map.of()), look, frame, 1).stream().map(LookNote::kind))
        .contains(LookNote.Kind.NO_SIZE);
  }

  @Test
  void aPathOfOnesOwnIsCutOutInEveryFrame() {
    String diamondWithHole = "M50 0 100 50 50 100 0 50Z M50 30 70 50 50 70 30 50Z";
    Look look =
        new Look(
            List.of(
                new Part("b", "", true, new Backdrop(new Fill.Solid(0x3366AA))),
                new Part(
                    "m",
                    "",
                    true,
                    new Mask(Mask.Shape.PATH, 0, 0, 0, Colour.BLACK, diamondWithHole))));
    Picture dressed =
        DRESSER.dress(
            new Dressable(new Picture(9, 9, new int[81]), new Rect(4, 4, 1, 1)),
            look,
            new Frame(400, 200));

    assertThat(dressed.at(200, 12) >>> 24).as("the tip").isEqualTo(255);
    assertThat(dressed.at(110, 100) >>> 24).as("the left").isEqualTo(255);
    assertThat(dressed.at(200, 100) >>> 24).as("the hole").isZero();
    assertThat(dressed.at(110, 20) >>> 24).as("beside it").isZero();
    assertThat(dressed.at(149, 50) >>> 24).as("its edge").isBetween(60, 200);
  }

  private static Look copies(Copies copies) {
    return look(
        new SubjectPlace(
            SubjectPlace.Size.MARGIN,
            10,
            SubjectPlace.Stand.CENTRE,
            0,
            0,
            0,
            0,
            false,
            true,
            null,
            copies));
  }

  private static Look look(SubjectPlace place) {
    return new Look(
        List.of(
            new Part("b", "", true, new Backdrop(new Fill.Solid(0xFFFFFF))),
            new Part("s", "", true, place)));
  }

  private static Picture dress(Dressable dressable, Look look, int width, int height) {
    return DRESSER.dress(dressable, look, new Frame(width, height));
  }

  private static Dressable block(Map<String, String> columns) {
    Picture cutout = new Picture(20, 40, new int[800]);
    java.util.Arrays.fill(cutout.argb(), GREEN);
    return new Dressable(
        framed(cutout, 40),
        new Rect(40, 40, 20, 40),
        null,
        new Labels("block.png", null, null, columns == null ? Map.of() : columns));
  }

  private static Picture framed(Picture picture, int pad) {
    int w = picture.width() + 2 * pad;
    int[] argb = new int[w * (picture.height() + 2 * pad)];
    for (int y = 0; y < picture.height(); y++) {
      System.arraycopy(
          picture.argb(), y * picture.width(), argb, (y + pad) * w + pad, picture.width());
    }
    return new Picture(w, picture.height() + 2 * pad, argb);
  }

  /** How many runs of green a row has, where the first begins and where the last ends. */
  private static int[] runsInRow(Picture picture, int y) {
    int runs = 0;
    int first = -1;
    int last = -1;
    boolean in = false;
    for (int x = 0; x < picture.width(); x++) {
      boolean green = picture.at(x, y) == GREEN;
      runs += green && !in ? 1 : 0;
      first = green && first < 0 ? x : first;
      last = green ? x : last;
      in = green;
    }
    return new int[] {runs, first, last};
  }
}

package org.ablebatch.core.dress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.ablebatch.core.look.Copies;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.look.Part;
import org.ablebatch.core.look.SubjectPlace;
import org.ablebatch.core.look.SubjectPlace.Size;
import org.ablebatch.core.look.SubjectPlace.Stand;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What is reckoned from measures is what dressing does with the pixels. */
class SubjectMeasuresTest {
  private static final Frame FRAME = new Frame(300, 240);
  private static final Labels LABELS =
      new Labels("can.jpg", null, null, Map.of("height", "120 mm"));

  static Stream<Arguments> places() {
    SubjectPlace margin = new SubjectPlace(Size.MARGIN, 10, Stand.FLOOR, 12, 0, 0, 0, false, true);
    return Stream.of(
        Arguments.of("free", margin, new Rect(20, 10, 40, 50)),
        Arguments.of("cut off below", margin, new Rect(20, 30, 40, 50)),
        Arguments.of("cut off at both sides", margin, new Rect(0, 20, 100, 20)),
        Arguments.of("let go of", with(margin, 0, false, null, null), new Rect(0, 20, 100, 20)),
        Arguments.of("turned", with(margin, 90, true, null, null), new Rect(20, 10, 40, 50)),
        Arguments.of(
            "three in a row",
            with(margin, 0, true, null, new Copies(3, 60, 0)),
            new Rect(20, 30, 40, 50)),
        Arguments.of(
            "three aslant",
            with(margin, 0, true, null, new Copies(3, -60, 20)),
            new Rect(20, 30, 40, 50)),
        Arguments.of(
            "true size",
            new SubjectPlace(
                Size.MILLIMETRES, 40, Stand.FLOOR, 12, 0, 0, 0, false, true, "height", null),
            new Rect(20, 10, 40, 50)));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("places")
  void reckonsAsDressingDoes(String how, SubjectPlace place, Rect content) {
    Picture cutout = opaque(100, 80, content);
    Look look = new Look(List.of(new Part("subject", "Subject", true, place)));

    double reckoned =
        new SubjectMeasures(content, cutout.bounds(), LABELS).enlargement(look, FRAME);

    Standing standing = Dresser.standing(new Dressable(cutout, content, null, LABELS), look, FRAME);
    assertThat(reckoned).isCloseTo(standing.placement().scale(), within(0.02 * reckoned));
  }

  private static SubjectPlace with(
      SubjectPlace p, double rotate, boolean keep, String column, Copies copies) {
    return new SubjectPlace(
        p.size(),
        p.percent(),
        p.stand(),
        p.floor(),
        p.x(),
        p.y(),
        rotate,
        p.flip(),
        keep,
        column,
        copies);
  }

  private static Picture opaque(int width, int height, Rect content) {
    int[] argb = new int[width * height];
    for (int y = content.y(); y < content.bottom(); y++) {
      Arrays.fill(argb, y * width + content.x(), y * width + content.right(), 0xFF806040);
    }
    return new Picture(width, height, argb);
  }
}

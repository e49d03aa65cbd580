package org.ablebatch.core.dress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.ablebatch.core.raster.Picture;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SubjectRowsTest {
  @ParameterizedTest
  @ValueSource(doubles = {0.23, 0.5, 1, 2.7})
  void coverageIsKeptWhateverTheScale(double scale) {
    Picture picture = speckled();
    Frame frame = new Frame((int) (80 * scale) + 12, (int) (60 * scale) + 12);
    SubjectRows rows = new SubjectRows(picture, new Placement(scale, 5, 4), frame, false);
    double sum = 0;
    for (int y = 0; y < frame.height(); y++) {
      float[] row = rows.row(y);
      for (int x = 0; row != null && x < frame.width(); x++) {
        sum += row[4 * x + 3];
      }
    }
    double source = 0;
    for (int pixel : picture.argb()) {
      source += (pixel >>> 24) / 255.0;
    }

    assertThat(sum).isCloseTo(source * scale * scale, within(0.02 * source * scale * scale));
  }

  @Test
  void whatIsOutsideOfTheSpanIsClear() {
    Picture picture = speckled();
    Frame frame = new Frame(50, 40);
    SubjectRows rows = new SubjectRows(picture, new Placement(0.5, 3, 2), frame, false);
    int seen = 0;
    for (int y = 0; y < frame.height(); y++) {
      float[] row = rows.row(y);
      for (int x = 0; row != null && x < frame.width(); x++) {
        boolean inside = x >= rows.from() && x < rows.to();
        if (!inside) {
          assertThat(row[4 * x + 3]).as("row %d, pixel %d", y, x).isZero();
        }
        seen += inside ? 1 : 0;
      }
    }
    assertThat(seen).isBetween(100, 50 * 40 / 2);
  }

  @Test
  void upsideDownTheRowsComeFromBelow() {
    Picture picture = new Picture(4, 3, new int[12]);
    picture.argb()[2 * 4 + 1] = 0xFFFFFFFF;
    SubjectRows rows = new SubjectRows(picture, Placement.AS_IT_IS, new Frame(4, 3), true);

    float[] first = rows.row(0);

    assertThat(first[4 + 3]).isEqualTo(1);
    assertThat(rows.row(2)).isNull();
  }

  /** Speckles in the middle, clear around them. */
  private static Picture speckled() {
    Random random = new Random(11);
    int[] argb = new int[80 * 60];
    for (int y = 15; y < 45; y++) {
      for (int x = 20; x < 55; x++) {
        argb[y * 80 + x] = random.nextInt(3) == 0 ? 0 : random.nextInt();
      }
    }
    return new Picture(80, 60, argb);
  }
}

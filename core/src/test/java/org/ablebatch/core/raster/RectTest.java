package org.ablebatch.core.raster;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class RectTest {
  @Test
  void aBoxIsTightAroundASet() {
    boolean[] set = new boolean[8 * 6];
    set[2 * 8 + 5] = true;
    set[4 * 8 + 1] = true;

    assertThat(Rect.around(i -> set[i], 8, set.length)).isEqualTo(new Rect(1, 2, 5, 3));
  }

  @Test
  void aboutNothingThereIsNoBox() {
    assertThat(Rect.around(i -> false, 8, 48).isEmpty()).isTrue();
  }

  @Test
  void planesAreCutAtTheBox() {
    ColorPlanes planes = new ColorPlanes(5, 4);
    for (int i = 0; i < 20; i++) {
      planes.c2()[i] = i;
    }

    ColorPlanes part = planes.crop(new Rect(3, 1, 2, 3));

    assertThat(part.width()).isEqualTo(2);
    assertThat(part.c2()).containsExactly(8, 9, 13, 14, 18, 19);
  }
}

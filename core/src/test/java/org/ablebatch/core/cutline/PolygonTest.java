package org.ablebatch.core.cutline;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class PolygonTest {
  @Test
  void aBoxWithAHoleIsTwoPolygonsTheLargerFirst() {
    int w = 12;
    boolean[] inside = new boolean[w * w];
    for (int y = 2; y < 10; y++) {
      for (int x = 2; x < 10; x++) {
        inside[y * w + x] = x < 4 || x >= 8 || y < 4 || y >= 8;
      }
    }

    List<Polygon> found = Polygon.around(inside, w, w);

    assertThat(found).extracting(Polygon::area).containsExactly(64.0, -16.0);
    assertThat(found.get(0).corners())
        .containsExactlyInAnyOrder(
            new Point(2, 2), new Point(10, 2), new Point(10, 10), new Point(2, 10));
  }

  @Test
  void nothingHasNoOutline() {
    assertThat(Polygon.around(new boolean[16], 4, 4)).isEmpty();
  }
}

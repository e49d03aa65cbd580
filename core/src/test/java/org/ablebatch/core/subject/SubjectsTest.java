package org.ablebatch.core.subject;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import org.ablebatch.core.raster.Rect;
import org.junit.jupiter.api.Test;

/** Parts become numbered subjects. */
class SubjectsTest {
  private static final int W = 200;
  private static final int H = 100;
  private static final Rect PICTURE = new Rect(0, 0, 2 * W, 2 * H);

  private final boolean[] kept = new boolean[W * H];
  private final boolean[] dropped = new boolean[W * H];

  @Test
  void partsThatLieCloseAreOneSubject() {
    fill(kept, 20, 20, 30, 40);
    fill(kept, 51, 20, 30, 40);
    assertThat(subjects().list())
        .containsExactly(new Subject(1, new Rect(40, 40, 122, 80), 0.12, true));
  }

  @Test
  void aCrumbJoinsItsNearestNeighbour() {
    fill(kept, 120, 20, 40, 50);
    fill(kept, 20, 20, 40, 50);
    fill(kept, 70, 30, 3, 3);
    Subjects subjects = subjects();
    assertThat(subjects.list()).hasSize(2);
    assertThat(subjects.labels()[31 * W + 71]).isEqualTo(1);
    assertThat(subjects.list().get(0).box()).isEqualTo(new Rect(40, 40, 106, 100));
  }

  @Test
  void whatWasLeftOutIsNumberedAfterWhatIsKept() {
    fill(kept, 120, 20, 40, 50);
    fill(dropped, 10, 10, 12, 12);
    fill(dropped, 80, 80, 2, 2);

    Subjects subjects = subjects();
    assertThat(subjects.list()).extracting(Subject::kept).containsExactly(true, false);
    assertThat(subjects.labels()[81 * W + 81]).as("too small to offer").isZero();

    Subjects taken = subjects.choose(new SubjectChoice(Set.of(2, 9), Set.of(1)));
    assertThat(taken.keptPixels()[15 * W + 15]).isTrue();
    assertThat(taken.keptPixels()[40 * W + 140]).isFalse();
    assertThat(taken.keptCount()).isEqualTo(1);
  }

  private Subjects subjects() {
    return Subjects.in(
        new SubjectRegion(W, H, kept, new boolean[W * H], new float[W * H], dropped), PICTURE);
  }

  private static void fill(boolean[] set, int left, int top, int width, int height) {
    for (int y = top; y < top + height; y++) {
      for (int x = left; x < left + width; x++) {
        set[y * W + x] = true;
      }
    }
  }
}

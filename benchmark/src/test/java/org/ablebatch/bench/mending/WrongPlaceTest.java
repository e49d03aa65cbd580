package org.ablebatch.bench.mending;

import static org.assertj.core.api.Assertions.assertThat;

import org.ablebatch.core.hint.Hint;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.stroke.StrokePoint;
import org.junit.jupiter.api.Test;

/** Where a hand would point in a cutout that is wrong. */
class WrongPlaceTest {
  private static final int W = 200;
  private static final int H = 100;

  /** A bar is missing, and a smaller square is left over. */
  private static Matte matte(boolean bar, boolean square) {
    byte[] cover = new byte[W * H];
    for (int i = 0; i < cover.length; i++) {
      int x = i % W;
      int y = i / W;
      boolean inBar = x >= 20 && x < 140 && y >= 40 && y < 60;
      boolean inSquare = x >= 160 && x < 180 && y >= 10 && y < 30;
      cover[i] = (byte) (inBar && bar || inSquare && square ? 255 : 0);
    }
    return new Matte(W, H, cover);
  }

  @Test
  void aClickIsInTheMiddleOfTheLargestAndSaysWhatIsThere() {
    Hint click = WrongPlace.of(matte(false, true), matte(true, false)).orElseThrow().click();

    assertThat(click.kind()).isEqualTo(Hint.Kind.SUBJECT);
    assertThat(click.sizePx()).isEqualTo(4);
    assertThat(click.points()).hasSize(1);
    assertThat(click.points().get(0).y()).isBetween(48.0, 52.0);
  }

  @Test
  void aStrokeRunsAlongItAndNeverLeavesIt() {
    Hint stroke = WrongPlace.of(matte(false, false), matte(true, false)).orElseThrow().stroke();

    double left = stroke.points().stream().mapToDouble(StrokePoint::x).min().orElseThrow();
    double right = stroke.points().stream().mapToDouble(StrokePoint::x).max().orElseThrow();
    assertThat(right - left).isGreaterThan(80);
    assertThat(stroke.points())
        .allSatisfy(
            p -> {
              assertThat(p.x()).isBetween(20.0, 140.0);
              assertThat(p.y()).isBetween(40.0, 60.0);
            });
  }

  @Test
  void whatIsLeftOverIsBackdropAndWhatIsRightHasNoPlace() {
    Hint click = WrongPlace.of(matte(true, true), matte(true, false)).orElseThrow().click();

    assertThat(click.kind()).isEqualTo(Hint.Kind.BACKDROP);
    assertThat(WrongPlace.of(matte(true, false), matte(true, false))).isEmpty();
  }
}

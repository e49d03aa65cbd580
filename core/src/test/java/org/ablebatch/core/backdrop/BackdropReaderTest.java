package org.ablebatch.core.backdrop;

import static org.ablebatch.core.Scenes.compose;
import static org.ablebatch.core.Scenes.coverage;
import static org.ablebatch.core.Scenes.disc;
import static org.ablebatch.core.Scenes.evenLight;
import static org.ablebatch.core.Scenes.fallingLight;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.function.DoubleBinaryOperator;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.reading.AreaShrink;
import org.junit.jupiter.api.Test;

class BackdropReaderTest {
  private static final int W = 240;
  private static final int H = 180;
  private static final int PAPER = 0xDAD2C4;
  private static final int RED = 0x992222;

  @Test
  void evenPaperIsPlainAndItsColourIsFoundUnderTheSubject() {
    Backdrop backdrop = read(disc(120, 90, 60), evenLight(), 1);
    Backdrop empty = read((x, y) -> -1, evenLight(), 1);

    assertThat(backdrop.kind()).isEqualTo(BackdropKind.PLAIN);
    assertThat(backdrop.surface().c0()[90 * W + 120])
        .isCloseTo(empty.surface().c0()[90 * W + 120], within(0.004f));
    assertThat(backdrop.fittedShare()).isGreaterThan(0.97f);
  }

  @Test
  void fallingLightIsUnevenAndFollowed() {
    Backdrop backdrop = read(disc(120, 90, 50), fallingLight(), 1);

    assertThat(backdrop.kind()).isEqualTo(BackdropKind.UNEVEN);
    assertThat(backdrop.range()).isGreaterThan(0.1f);
    assertThat(backdrop.surface().c0()[90 * W + 5])
        .isGreaterThan(backdrop.surface().c0()[90 * W + W - 5] + 0.08f);
  }

  @Test
  void aSubjectThatFillsASideDoesNotBendTheSurface() {
    Backdrop backdrop = read((x, y) -> y - 120, evenLight(), 1);
    float top = backdrop.surface().c0()[10 * W + 120];

    assertThat(backdrop.surface().c0()[60 * W + 120]).isCloseTo(top, within(0.01f));
    assertThat(backdrop.surface().c0()[100 * W + 120]).isCloseTo(top, within(0.02f));
  }

  @Test
  void checksAreBusy() {
    DoubleBinaryOperator checks = (u, v) -> ((int) (u * 20) + (int) (v * 15)) % 2 == 0 ? 1 : 0.45;

    assertThat(read(disc(120, 90, 40), checks, 2).kind()).isEqualTo(BackdropKind.BUSY);
  }

  @Test
  void oneColourWithoutNoiseIsFlatAndAPhotographIsNot() {
    assertThat(read(disc(120, 90, 40), evenLight(), 0).flat()).isTrue();
    assertThat(read(disc(120, 90, 40), evenLight(), 3).flat()).isFalse();
  }

  @Test
  void grainIsTexture() {
    assertThat(read(disc(120, 90, 40), evenLight(), 9).isTextured()).isTrue();
    assertThat(read(disc(120, 90, 40), evenLight(), 1).isTextured()).isFalse();
  }

  /** More than half of the border is subject; the guess says which part to ask. */
  @Test
  void theGuessSaysWhichPartOfTheBorderNotToAsk() {
    double[] truth = coverage(W, H, (x, y) -> Math.min(200 - x, 160 - y) + 0.0);
    ColorPlanes lab = lab(compose(W, H, truth, RED, PAPER, evenLight(), 1));
    float[] guess = new float[W * H];
    for (int i = 0; i < guess.length; i++) {
      guess[i] = (float) truth[i];
    }
    Backdrop told = BackdropReader.read(lab, Optional.of(new Plane(W, H, guess)));
    float paper = lab.c0()[(H - 3) * W + W - 3];

    assertThat(told.surface().c0()[(H - 3) * W + W - 3]).isCloseTo(paper, within(0.02f));
    assertThat(told.surface().c0()[90 * W + 100])
        .as("behind the subject")
        .isCloseTo(paper, within(0.05f));
  }

  private static Backdrop read(
      DoubleBinaryOperator shape, DoubleBinaryOperator light, double noise) {
    double[] truth = coverage(W, H, shape);
    return BackdropReader.read(
        lab(compose(W, H, truth, RED, PAPER, light, noise)), Optional.empty());
  }

  private static ColorPlanes lab(Picture picture) {
    return AreaShrink.toOkLab(AreaShrink.toLinear(picture, picture.width(), picture.height()));
  }
}

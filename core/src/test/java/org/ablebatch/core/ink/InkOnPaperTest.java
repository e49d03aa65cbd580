package org.ablebatch.core.ink;

import static org.ablebatch.core.Scenes.compose;
import static org.ablebatch.core.Scenes.coverage;
import static org.ablebatch.core.Scenes.disc;
import static org.ablebatch.core.Scenes.evenLight;
import static org.ablebatch.core.Scenes.fallingLight;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.function.DoubleBinaryOperator;
import org.ablebatch.core.color.Srgb;
import org.ablebatch.core.matting.BandMatting;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.reading.AreaShrink;
import org.ablebatch.core.work.Pulse;
import org.junit.jupiter.api.Test;

class InkOnPaperTest {
  private static final int W = 320;
  private static final int H = 240;
  private static final int PAPER = 0xEDE6D6;
  private static final int INK = 0x20243A;
  private static final DoubleBinaryOperator LINES =
      (x, y) -> x > 30 && x < 290 && y > 40 && y < 200 ? 1.2 - Math.abs(y % 30 - 15) : -1;

  @Test
  void linesOnPaperConvince() {
    ColorPlanes page = linear(page(LINES, fallingLight()));

    assertThat(InkOnPaper.read(page).isConvincing(page)).isTrue();
  }

  @Test
  void aThingOnPaperDoesNot() {
    ColorPlanes page = linear(page(disc(160, 120, 60), evenLight()));

    assertThat(InkOnPaper.read(page).isConvincing(page)).isFalse();
  }

  @Test
  void anEmptyPageDoesNot() {
    ColorPlanes page = linear(page((x, y) -> -1, evenLight()));

    assertThat(InkOnPaper.read(page).isConvincing(page)).isFalse();
  }

  @Test
  void whiteLinesOnADarkBoardDoNot() {
    double[] truth = coverage(W, H, LINES);
    ColorPlanes board = linear(compose(W, H, truth, 0xF0F0E8, 0x202624, evenLight(), 1));

    assertThat(InkOnPaper.read(board).isConvincing(board)).isFalse();
  }

  @Test
  void thePaperIsSeenUnderTheStrokes() {
    ColorPlanes page = linear(page(LINES, evenLight()));

    ColorPlanes paper = InkOnPaper.read(page).paper();

    float blank = Srgb.toLinear(PAPER >> 8 & 0xFF);
    assertThat(paper.c1()[75 * W + 160]).isCloseTo(blank, within(0.02f));
  }

  @Test
  void theInkHasItsOwnColour() {
    float[] ink = InkOnPaper.read(linear(page(LINES, evenLight()))).ink();

    assertThat(ink[2]).isGreaterThan(ink[0]);
    assertThat(ink[0]).isCloseTo(Srgb.toLinear(INK >> 16 & 0xFF), within(0.03f));
  }

  @Test
  void coverageRunsFromPaperToInk() {
    InkOnPaper sheet = InkOnPaper.read(linear(page(LINES, evenLight())));
    float[] i = sheet.ink();

    assertThat(sheet.coverage(0.8f, 0.8f, 0.7f, 0.8f, 0.8f, 0.7f)).isZero();
    assertThat(sheet.coverage(i[0], i[1], i[2], 0.8f, 0.8f, 0.7f)).isCloseTo(1, within(1e-5f));
    assertThat(
            sheet.coverage(
                (i[0] + 0.8f) / 2, (i[1] + 0.8f) / 2, (i[2] + 0.7f) / 2, 0.8f, 0.8f, 0.7f))
        .isCloseTo(0.5f, within(1e-5f));
  }

  @Test
  void theMatteHasInkColourOnlyAndNoPaper() {
    double[] truth = coverage(W, H, LINES);
    Picture picture = compose(W, H, truth, INK, PAPER, fallingLight(), 1);

    InkOnPaper sheet = InkOnPaper.read(linear(picture));
    BandMatting.Result result =
        InkMatte.solve(picture, sheet, sheet.region().subject(), Pulse.NONE);

    double error = 0;
    for (int i = 0; i < truth.length; i++) {
      error += Math.abs((result.matte().coverage()[i] & 0xFF) / 255.0 - truth[i]);
    }
    assertThat(error / truth.length).isLessThan(0.008);
    int edge = result.colours().at(160, 74);
    assertThat(edge & 0xFF).as("blue of the ink, not of the paper").isLessThan(110);
  }

  private static Picture page(DoubleBinaryOperator marks, DoubleBinaryOperator light) {
    return compose(W, H, coverage(W, H, marks), INK, PAPER, light, 1);
  }

  private static ColorPlanes linear(Picture picture) {
    return AreaShrink.toLinear(picture, W, H);
  }
}

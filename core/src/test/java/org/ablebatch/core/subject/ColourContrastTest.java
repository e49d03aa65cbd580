package org.ablebatch.core.subject;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import org.ablebatch.core.color.ColourTable;
import org.ablebatch.core.raster.ColorPlanes;
import org.junit.jupiter.api.Test;

class ColourContrastTest {
  private static final float[] WOOD = {0.6f, 0.05f, 0.08f};
  private static final float[] WIRE = {0.2f, 0f, 0f};
  private static final float[] LEAF = {0.5f, -0.1f, 0.08f};

  /** A basket: the guess covers it whole, but most of what it covers is the wood seen through. */
  @Test
  void backdropInsideTheGuessIsTakenOutOfTheSubject() {
    int[] cells = ColourTable.cells(pixels(WOOD, 70, WIRE, 30, WOOD, 200));
    float[] subject = ColourTable.density(cells, weights(0, 100, 300));
    float[] backdrop = ColourTable.density(cells, weights(100, 300, 300));

    float[] odds = ColourContrast.logOdds(subject, backdrop);

    assertThat(odds[cells[0]]).as("wood").isLessThan(-1);
    assertThat(odds[cells[80]]).as("wire").isGreaterThan(2);
  }

  @Test
  void aShadedBackdropColourCountsAsBackdrop() {
    int[] cells =
        ColourTable.cells(pixels(WOOD, 100, LEAF, 50, new float[] {0.474f, 0.04f, 0.063f}, 1));
    float[] subject = ColourTable.density(cells, weights(100, 150, 151));
    float[] weight = weights(0, 100, 151);

    float lit = ColourContrast.logOdds(subject, ColourTable.density(cells, weight))[cells[150]];
    float shaded =
        ColourContrast.logOdds(subject, ColourTable.shadedDensity(cells, weight))[cells[150]];

    assertThat(shaded).isLessThan(lit - 1).isLessThan(0);
  }

  @Test
  void anUnknownColourSpeaksForNobody() {
    int[] cells = ColourTable.cells(pixels(WOOD, 100, WIRE, 50, LEAF, 1));
    float[] odds =
        ColourContrast.logOdds(
            ColourTable.density(cells, weights(100, 150, 151)),
            ColourTable.density(cells, weights(0, 100, 151)));

    assertThat(odds[cells[150]]).isBetween(-0.2f, 0.2f);
  }

  private static float[] weights(int from, int to, int count) {
    float[] out = new float[count];
    Arrays.fill(out, from, to, 1);
    return out;
  }

  private static ColorPlanes pixels(Object... coloursAndCounts) {
    int n = 0;
    for (int k = 1; k < coloursAndCounts.length; k += 2) {
      n += (int) coloursAndCounts[k];
    }
    ColorPlanes out = new ColorPlanes(n, 1);
    int i = 0;
    for (int k = 0; k < coloursAndCounts.length; k += 2) {
      float[] colour = (float[]) coloursAndCounts[k];
      for (int m = 0; m < (int) coloursAndCounts[k + 1]; m++, i++) {
        out.c0()[i] = colour[0];
        out.c1()[i] = colour[1];
        out.c2()[i] = colour[2];
      }
    }
    return out;
  }
}

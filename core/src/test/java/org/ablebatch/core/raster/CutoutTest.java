package org.ablebatch.core.raster;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;

class CutoutTest {
  private static final int W = 31;
  private static final int H = 19;

  private final Random random = new Random(4);
  private final Picture original = new Picture(W, H, opaque());
  private final Matte matte = new Matte(W, H, coverage());

  @Test
  void originalMatteAndEdgeColoursAreTheWholeCutout() {
    Cutout cutout = new Cutout(matte, new Picture(W, H, recolouredAtTheEdge()));
    Picture edge = cutout.edgeColours(original);

    Cutout again = Cutout.of(original, matte, edge);

    assertThat(again.toPicture().argb()).isEqualTo(cutout.toPicture().argb());
    assertThat(edge.argb()).as("what is as in the original is not kept twice").contains(0);
  }

  @Test
  void inOneGoItIsTheSame() {
    Cutout cutout = new Cutout(matte, new Picture(W, H, recolouredAtTheEdge()));
    Picture edge = cutout.edgeColours(original);

    assertThat(Cutout.picture(original, matte, edge).argb())
        .isEqualTo(Cutout.of(original, matte, edge).toPicture().argb());
  }

  @Test
  void whatIsClearHasNoColourLeft() {
    int[] argb = Cutout.picture(original, matte, new Picture(W, H, new int[W * H])).argb();

    for (int i = 0; i < argb.length; i++) {
      assertThat(argb[i] >>> 24).isEqualTo(matte.coverage()[i] & 0xFF);
      if (matte.coverage()[i] == 0) {
        assertThat(argb[i]).isZero();
      }
    }
  }

  private int[] opaque() {
    return random.ints(W * H).map(pixel -> pixel | 0xFF000000).toArray();
  }

  private byte[] coverage() {
    byte[] coverage = new byte[W * H];
    for (int i = 0; i < coverage.length; i++) {
      coverage[i] = (byte) (i % 3 == 0 ? 0 : i % 3 == 1 ? 255 : random.nextInt(256));
    }
    return coverage;
  }

  private int[] recolouredAtTheEdge() {
    int[] argb = original.argb().clone();
    for (int i = 0; i < argb.length; i++) {
      boolean edge = matte.coverage()[i] != 0 && (matte.coverage()[i] & 0xFF) != 255;
      argb[i] = edge ? argb[i] ^ 0x123456 : argb[i];
    }
    return argb;
  }
}

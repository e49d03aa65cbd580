package org.ablebatch.core.mend;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.stroke.Stroke;
import org.junit.jupiter.api.Test;

class LevelsTest {
  private static final int W = 1501;
  private static final int H = 903;

  @Test
  void aChangeTravelsThroughAllLevelsAsIfTheyWereMadeAnew() {
    Workpiece piece = piece();
    Levels levels = new Levels(piece);
    Mender mender = new Mender(null);
    Random random = new Random(3);
    for (int k = 0; k < 8; k++) {
      Stroke stroke =
          new Stroke(
              5 + random.nextInt(200),
              0.5,
              0.8,
              MenderTest.way(random.nextInt(W), random.nextInt(H), random.nextInt(W), H));
      levels.update(mender.apply(piece, new BrushEdit(Mode.ERASE, false, stroke)).box());
    }

    Levels anew = new Levels(piece);
    for (int level = 0; level < levels.count(); level++) {
      Rect all = new Rect(0, 0, levels.width(level), levels.height(level));
      assertThat(levels.cutout(level, all).argb()).isEqualTo(anew.cutout(level, all).argb());
    }
  }

  @Test
  void everyLevelIsHalfOfTheOneBeforeUntilItFitsATile() {
    Levels levels = new Levels(piece());

    assertThat(levels.count()).isEqualTo(3);
    assertThat(levels.width(1)).isEqualTo(751);
    assertThat(levels.height(1)).isEqualTo(452);
    assertThat(levels.width(2)).isEqualTo(376);
  }

  @Test
  void coloursCountByWhatIsCovered() {
    int[] argb = {0xFFFF0000, 0xFF0000FF, 0xFFFF0000, 0xFF0000FF};
    int[] wide = new int[1024 * 2];
    byte[] cover = new byte[wide.length];
    for (int i = 0; i < wide.length; i++) {
      wide[i] = argb[i % 2];
      cover[i] = (byte) (i % 2 == 0 ? 255 : 0);
    }
    Picture picture = new Picture(1024, 2, wide);
    Levels levels =
        new Levels(new Workpiece(picture, new Cutout(new Matte(1024, 2, cover), picture)));

    assertThat(levels.cutout(1, new Rect(0, 0, 1, 1)).at(0, 0)).isEqualTo(0x80FF0000);
  }

  private static Workpiece piece() {
    Random random = new Random(5);
    int[] argb = new int[W * H];
    byte[] cover = new byte[W * H];
    for (int i = 0; i < argb.length; i++) {
      argb[i] = 0xFF000000 | random.nextInt(0x1000000);
      cover[i] = (byte) random.nextInt(256);
    }
    Picture picture = new Picture(W, H, argb);
    return new Workpiece(picture, new Cutout(new Matte(W, H, cover), picture));
  }
}

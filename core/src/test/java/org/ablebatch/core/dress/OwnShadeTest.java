package org.ablebatch.core.dress;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import org.ablebatch.core.look.Backdrop;
import org.ablebatch.core.look.Fill;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.look.OwnShadow;
import org.ablebatch.core.look.Part;
import org.ablebatch.core.look.SubjectPlace;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.junit.jupiter.api.Test;

class OwnShadeTest {
  private static final int W = 480;
  private static final int H = 360;
  private static final Rect BOX = new Rect(180, 110, 110, 130);
  private static final int PAPER = 0xDCD6CC;
  private static final Picture CUTOUT = cutOut();

  @Test
  void aShadowIsLiftedAndLaidBackAsItWas() {
    Picture photograph = photograph(0.45, 2);
    Dressable dressable = new Dressable(CUTOUT, BOX, photograph, Labels.NONE);
    Picture again =
        new Dresser(Supplies.none()).dress(dressable, inPlace(new Fill.Solid(PAPER)), frame());

    double sum = 0;
    int counted = 0;
    for (int i = 0; i < again.argb().length; i++) {
      if (CUTOUT.argb()[i] == 0) {
        for (int shift = 0; shift <= 16; shift += 8) {
          sum +=
              Math.abs((again.argb()[i] >> shift & 0xFF) - (photograph.argb()[i] >> shift & 0xFF));
          counted++;
        }
      }
    }
    assertThat(sum / counted).isLessThan(3);
    assertThat(again.at(330, 235) & 0xFF).as("there is shade").isLessThan(0xA8);
  }

  @Test
  void withoutABackdropItIsLaidAsBlackThatLetsLightThrough() {
    Dressable dressable = new Dressable(CUTOUT, BOX, photograph(0.45, 2), Labels.NONE);
    Picture result =
        new Dresser(Supplies.none()).dress(dressable, inPlace(new Fill.Clear()), frame());

    assertThat(result.at(330, 235) >>> 24).isBetween(40, 200);
    assertThat(result.at(330, 235) & 0xFFFFFF).isZero();
    assertThat(result.at(40, 40) >>> 24).isZero();
  }

  @Test
  void whereThereIsNoneThereIsNoneToLift() {
    assertThat(OwnShade.of(photograph(0, 2), CUTOUT)).isEmpty();
  }

  @Test
  void aBusyBackdropHasNone() {
    Random random = new Random(3);
    int[] blocks = random.ints(W * H / 100, 0, 0x1000000).toArray();
    int[] argb = photograph(0.45, 2).argb().clone();
    for (int i = 0; i < argb.length; i++) {
      if (CUTOUT.argb()[i] == 0) {
        argb[i] = 0xFF000000 | blocks[i / W / 12 * (W / 12) + i % W / 12];
      }
    }
    assertThat(OwnShade.of(new Picture(W, H, argb), CUTOUT)).isEmpty();
  }

  private static Frame frame() {
    return new Frame(W, H);
  }

  /** So placed that the photograph lies in the frame as it was taken. */
  private static Look inPlace(Fill fill) {
    double x = 100.0 * (BOX.x() + BOX.width() / 2.0 - W / 2.0) / H;
    double y = 100.0 * (BOX.y() + BOX.height() / 2.0 - H / 2.0) / H;
    SubjectPlace place =
        new SubjectPlace(
            SubjectPlace.Size.WIDTH,
            100.0 * BOX.width() / W,
            SubjectPlace.Stand.CENTRE,
            0,
            x,
            y,
            0,
            false,
            false);
    return new Look(
        List.of(
            new Part("b", "", true, new Backdrop(fill)),
            new Part("o", "", true, new OwnShadow(100, false)),
            new Part("s", "", true, place)));
  }

  private static Picture cutOut() {
    int[] argb = new int[W * H];
    for (int y = BOX.y(); y < BOX.bottom(); y++) {
      for (int x = BOX.x(); x < BOX.right(); x++) {
        argb[y * W + x] = 0xFF2E5D7D;
      }
    }
    return new Picture(W, H, argb);
  }

  /** A box on grainy paper with a soft shadow to its right. */
  private static Picture photograph(double dark, int grain) {
    Random random = new Random(5);
    int[] argb = new int[W * H];
    for (int y = 0; y < H; y++) {
      for (int x = 0; x < W; x++) {
        double dx = (x - 320.0) / 70;
        double dy = (y - 235.0) / 14;
        double light = 1 - dark * Math.exp(-dx * dx - dy * dy);
        int pixel = 0xFF;
        for (int shift = 16; shift >= 0; shift -= 8) {
          double v = (PAPER >> shift & 0xFF) * Math.pow(light, 1 / 2.2);
          int noisy = (int) Math.round(v + random.nextGaussian() * grain / 2);
          pixel = pixel << 8 | Math.max(0, Math.min(255, noisy));
        }
        argb[y * W + x] = cutout(x, y) ? 0xFF2E5D7D : pixel;
      }
    }
    return new Picture(W, H, argb);
  }

  private static boolean cutout(int x, int y) {
    return x >= BOX.x() && x < BOX.right() && y >= BOX.y() && y < BOX.bottom();
  }
}

package org.ablebatch.bench.faults;

import static org.assertj.core.api.Assertions.assertThat;

import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Planted faults are what they say, and nothing else is changed. */
class FaultTest {
  private static final int W = 480;
  private static final int H = 360;
  private static final Good RING = ring();

  /** A red ring on grey paper; the ring encloses a gap. */
  private static Good ring() {
    int[] argb = new int[W * H];
    byte[] coverage = new byte[W * H];
    for (int i = 0; i < argb.length; i++) {
      double away = Math.hypot(i % W - W / 2.0, i / W - H / 2.0);
      boolean in = away < 110 && away > 40;
      argb[i] = in ? 0xFFA03028 : 0xFFCCC8C0 + (i * 7 % 5) * 0x010101;
      coverage[i] = (byte) (in ? 255 : 0);
    }
    return Good.of(new Picture(W, H, argb), new Matte(W, H, coverage));
  }

  @ParameterizedTest
  @EnumSource(Fault.class)
  void everyFaultHasAPlaceAndChangesSomethingThere(Fault fault) {
    Planted planted = fault.plant(RING, "ring");

    assertThat(planted).isNotNull();
    Rect frame = planted.photograph().bounds();
    assertThat(planted.place().intersect(frame).isEmpty()).isFalse();
    assertThat(planted.cutout().matte().width()).isEqualTo(frame.width());
    assertThat(
            planted.cutout().equals(RING.cutout())
                && planted.photograph().equals(RING.photograph()))
        .isFalse();
  }

  @ParameterizedTest
  @EnumSource(Fault.class)
  void theSameFaultIsPlantedTheSameWay(Fault fault) {
    Planted once = fault.plant(RING, "ring");
    Planted again = fault.plant(RING, "ring");

    assertThat(again.place()).isEqualTo(once.place());
    assertThat(again.cutout().matte().coverage()).isEqualTo(once.cutout().matte().coverage());
    assertThat(again.photograph().argb()).isEqualTo(once.photograph().argb());
  }

  @Test
  void aHoleIsCutOutOfTheRingAndAGapIsFilled() {
    assertThat(area(Fault.HOLE.plant(RING, "ring").cutout())).isLessThan(area(RING.cutout()));
    Planted gap = Fault.GAP.plant(RING, "ring");
    assertThat(gap.cutout().matte().at(W / 2, H / 2)).isEqualTo(255);
    assertThat(gap.photograph().argb()).isEqualTo(RING.photograph().argb());
  }

  @Test
  void outlinesMoveByTheirShare() {
    int wider = area(Fault.WIDER.plant(RING, "ring").cutout());
    int narrower = area(Fault.NARROWER.plant(RING, "ring").cutout());
    double outline = 2 * Math.PI * (110 + 40);
    double shift = 0.003 * W;

    assertThat(wider - area(RING.cutout()))
        .isBetween((int) (0.5 * outline * shift), (int) (1.8 * outline * shift));
    assertThat(area(RING.cutout()) - narrower)
        .isBetween((int) (0.5 * outline * shift), (int) (1.8 * outline * shift));
  }

  @Test
  void aSpillChangesColoursAndNoCoverage() {
    Planted spill = Fault.SPILL.plant(RING, "ring");

    assertThat(spill.cutout().matte().coverage()).isEqualTo(RING.cutout().matte().coverage());
    int rim = H / 2 * W + W / 2 + 109;
    assertThat(spill.cutout().colours().argb()[rim])
        .isNotEqualTo(RING.cutout().colours().argb()[rim]);
  }

  private static int area(Cutout cutout) {
    return (int) Math.round(cutout.matte().mean() * W * H);
  }
}

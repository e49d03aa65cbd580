package org.ablebatch.core.dress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.ablebatch.core.look.Tone;
import org.ablebatch.core.raster.Picture;
import org.junit.jupiter.api.Test;

class ToneTest {
  @Test
  void nothingAskedChangesNothing() {
    ToneTable table = new ToneTable(new Tone(0, 0, 0, 0, 0, 0, 0, null), null);

    for (int rgb : new int[] {0x000000, 0xFFFFFF, 0x2E7D46, 0xC98A1B, 0x0E5A60, 0x808080}) {
      for (int shift = 0; shift <= 16; shift += 8) {
        assertThat(table.ofDisplay(rgb) >> shift & 0xFF)
            .as("%06x", rgb)
            .isCloseTo(rgb >> shift & 0xFF, within(1));
      }
    }
  }

  @Test
  void everyControlGoesItsWay() {
    int grey = 0x808080;
    assertThat(of(new Tone(40, 0, 0, 0, 0, 0, 0, null), grey) & 0xFF).isGreaterThan(0x88);
    assertThat(of(new Tone(0, 50, 0, 0, 0, 0, 0, null), 0x404040) & 0xFF).isLessThan(0x40);
    assertThat(of(new Tone(0, 50, 0, 0, 0, 0, 0, null), 0xC0C0C0) & 0xFF).isGreaterThan(0xC0);
    int warm = of(new Tone(0, 0, 60, 0, 0, 0, 0, null), grey);
    assertThat(warm >> 16 & 0xFF).isGreaterThan(warm & 0xFF);
    int dull = of(new Tone(0, 0, 0, -100, 0, 0, 0, null), 0x2E7D46);
    assertThat((dull >> 16 & 0xFF) - (dull & 0xFF)).isBetween(-2, 2);
    assertThat(of(new Tone(0, 0, 0, 0, -80, 0, 0, null), 0xF0F0F0) & 0xFF).isLessThan(0xE8);
    assertThat(of(new Tone(0, 0, 0, 0, 0, 80, 0, null), 0x303030) & 0xFF).isGreaterThan(0x34);
  }

  @Test
  void matchingBringsASetTogether() {
    List<Picture> set = new ArrayList<>();
    for (int k = 0; k < 6; k++) {
      set.add(shifted(k * 12 - 30, k * 7 - 20));
    }
    Tone.Reference reference = ToneStatistics.of(set.get(2)).asReference("third");
    Tone match = new Tone(0, 0, 0, 0, 0, 0, 100, reference);
    List<ToneStatistics> before = set.stream().map(ToneStatistics::of).toList();
    List<ToneStatistics> after =
        set.stream().map(picture -> ToneStatistics.of(toned(picture, match))).toList();

    assertThat(ToneStatistics.cohesion(after)).isLessThan(ToneStatistics.cohesion(before) / 2);
    List<ToneStatistics> expected = before.stream().map(s -> s.under(match)).toList();
    assertThat(ToneStatistics.cohesion(expected))
        .as("what is said beforehand")
        .isCloseTo(ToneStatistics.cohesion(after), within(1.0));
  }

  @Test
  void aCurveGoesThroughItsPointsAndNeverSwingsBack() {
    MonotoneCurve curve =
        new MonotoneCurve(
            List.of(
                new Tone.Point(0, 0),
                new Tone.Point(25, 10),
                new Tone.Point(50, 70),
                new Tone.Point(75, 72),
                new Tone.Point(100, 100)));

    assertThat(curve.at(0.25)).isCloseTo(0.1, within(1e-9));
    assertThat(curve.at(0.5)).isCloseTo(0.7, within(1e-9));
    double before = -1;
    for (int i = 0; i <= 1000; i++) {
      double now = curve.at(i / 1000.0);
      assertThat(now).isBetween(Math.max(0, before - 1e-12), 1.0);
      before = now;
    }
    assertThat(of(curved(0, 0, 50, 80, 100, 100), 0x606060) & 0xFF).isGreaterThan(0x80);
    assertThat(of(curved(0, 0, 100, 100), 0x606060) & 0xFF).isEqualTo(0x60);
  }

  @Test
  void balanceSpreadsTheLightOfADullPictureAndLeavesAGoodOne() {
    Tone balance = new Tone(0, 0, 0, 0, 0, 0, 0, null, 100, List.of());
    Picture dull = shifted(0, 0);
    ToneStatistics before = ToneStatistics.of(dull);
    ToneStatistics after = ToneStatistics.of(toned(dull, balance));
    ToneStatistics good = new ToneStatistics(0.6, 0, 0, 0.2, 0, 0, 0.1, 0.97);

    assertThat(after.highL()).isCloseTo(0.95, within(0.02));
    assertThat(after.highL() - after.lowL()).isGreaterThan(2 * (before.highL() - before.lowL()));
    assertThat(new ToneTable(balance, good).ofDisplay(0x2E7D46)).isEqualTo(0x2E7D46);
  }

  private static Tone curved(double... places) {
    List<Tone.Point> points = new ArrayList<>();
    for (int i = 0; i < places.length; i += 2) {
      points.add(new Tone.Point(places[i], places[i + 1]));
    }
    return new Tone(0, 0, 0, 0, 0, 0, 0, null, 0, points);
  }

  private static int of(Tone tone, int rgb) {
    return new ToneTable(tone, null).ofDisplay(rgb);
  }

  private static Picture toned(Picture picture, Tone tone) {
    ToneTable table = new ToneTable(tone, ToneStatistics.of(picture));
    int[] argb = new int[picture.argb().length];
    for (int i = 0; i < argb.length; i++) {
      argb[i] = picture.argb()[i] & 0xFF000000 | table.ofDisplay(picture.argb()[i] & 0xFFFFFF);
    }
    return new Picture(picture.width(), picture.height(), argb);
  }

  /** Greens of several shades, all lighter and redder by so much. */
  private static Picture shifted(int lighter, int redder) {
    Random random = new Random(7);
    int[] argb = new int[60 * 60];
    for (int i = 0; i < argb.length; i++) {
      int r = clip(90 + random.nextInt(40) + lighter + redder);
      int g = clip(120 + random.nextInt(40) + lighter);
      int b = clip(80 + random.nextInt(40) + lighter);
      argb[i] = 0xFF000000 | r << 16 | g << 8 | b;
    }
    return new Picture(60, 60, argb);
  }

  private static int clip(int v) {
    return Math.max(0, Math.min(255, v));
  }
}

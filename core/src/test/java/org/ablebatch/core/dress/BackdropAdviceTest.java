package org.ablebatch.core.dress;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.ablebatch.core.color.OkLab;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.junit.jupiter.api.Test;

class BackdropAdviceTest {
  @Test
  void everySubjectStandsOutFromWhatIsSuggested() {
    List<RimColours> set =
        List.of(rim(0xFFFFFFFF), rim(0xFFF2EFE8), rim(0xFF2E7D46), rim(0xFFB04030));

    List<BackdropAdvice.Suggestion> suggested = BackdropAdvice.of(set);

    assertThat(suggested).isNotEmpty();
    BackdropAdvice.Suggestion best = suggested.get(0);
    float[] lab = OkLab.ofDisplay(best.colour().rgb());
    double least = set.stream().mapToDouble(rim -> rim.difference(lab)).min().orElseThrow();
    assertThat(best.least()).isEqualTo(100 * least).isGreaterThan(15);
    double white = set.get(0).difference(OkLab.ofDisplay(0xFFFFFF));
    assertThat(white).as("on white the white one is lost").isLessThan(0.01);
  }

  @Test
  void whatIsSuggestedDiffers() {
    List<BackdropAdvice.Suggestion> suggested = BackdropAdvice.of(List.of(rim(0xFF804020)));

    assertThat(suggested).hasSize(4).extracting(s -> s.colour().rgb()).doesNotHaveDuplicates();
    assertThat(BackdropAdvice.of(List.of())).isEmpty();
  }

  @Test
  void colourIsTakenJustInsideTheContour() {
    Picture picture = new Picture(60, 60, new int[3600]);
    for (int y = 10; y < 50; y++) {
      Arrays.fill(picture.argb(), y * 60 + 10, y * 60 + 50, 0xFF2E7D46);
      Arrays.fill(picture.argb(), y * 60 + 20, y * 60 + 40, 0xFFB04030);
    }

    RimColours rim = RimColours.of(new Dressable(picture, new Rect(10, 10, 40, 40)));

    assertThat(rim.lab()).isNotEmpty();
    float[] green = OkLab.ofDisplay(0x2E7D46);
    assertThat(rim.lab()).allSatisfy(lab -> assertThat(lab).containsExactly(green));
  }

  private static RimColours rim(int argb) {
    return new RimColours(List.of(OkLab.ofDisplay(argb)));
  }
}

package org.ablebatch.core.scene;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.ablebatch.core.raster.Picture;
import org.junit.jupiter.api.Test;

class VarietyTest {
  @Test
  void theOddOnesAmongManyAlikeAreChosen() {
    List<SceneFacts> scenes = new ArrayList<>();
    for (int i = 0; i < 40; i++) {
      scenes.add(SceneFacts.of(disc(0xE8E6E0, 0x9A3020 + i, 0)));
    }
    scenes.set(11, SceneFacts.of(disc(0x202428, 0xE0C040, 0)));
    scenes.set(29, SceneFacts.of(disc(0x50703A, 0x9A3020, 90)));

    List<Integer> chosen = Variety.choose(scenes, 3);

    assertThat(chosen).hasSize(3).contains(11, 29);
    assertThat(chosen.get(0)).isNotIn(11, 29);
  }

  @Test
  void neverMoreThanThereAreAndEachOnce() {
    SceneFacts same = SceneFacts.of(disc(0xE8E6E0, 0x9A3020, 0));

    assertThat(Variety.choose(List.of(same, same, same), 5)).containsExactlyInAnyOrder(0, 1, 2);
    assertThat(Variety.choose(List.of(), 5)).isEmpty();
  }

  @Test
  void factsSurviveBeingWrittenDown() {
    SceneFacts facts = SceneFacts.of(disc(0xC0C8D0, 0x206030, 30));

    assertThat(SceneFacts.parse(facts.toText()).distanceTo(facts)).isLessThan(0.005);
  }

  private static Picture disc(int behind, int front, int noise) {
    Random random = new Random(1);
    int[] argb = new int[120 * 90];
    for (int i = 0; i < argb.length; i++) {
      boolean in = Math.hypot(i % 120 - 60, i / 120 - 45) < 26;
      int n = noise == 0 ? 0 : random.nextInt(noise) - noise / 2;
      int base = in ? front : behind;
      argb[i] =
          0xFF000000
              | clip((base >> 16 & 0xFF) + n) << 16
              | clip((base >> 8 & 0xFF) + n) << 8
              | clip((base & 0xFF) + n);
    }
    return new Picture(120, 90, argb);
  }

  private static int clip(int v) {
    return Math.max(0, Math.min(255, v));
  }
}

package org.ablebatch.server.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.util.List;
import java.util.Optional;
import org.ablebatch.core.cut.Cutter;
import org.ablebatch.core.cut.Opinions;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.server.picture.CutoutVersion;
import org.junit.jupiter.api.Test;

/** A search is made once for a photograph that somebody is busy with, and not kept for ever. */
class SecondOpinionsTest {
  private static final Picture PICTURE = new Picture(1, 1, new int[1]);

  private final Cutter cutter = mock(Cutter.class);
  private final SecondOpinions opinions = new SecondOpinions(cutter);

  private static CutoutVersion version(String blob, Rect crop, String guidance) {
    CutoutVersion version = mock(CutoutVersion.class);
    when(version.sourceBlob()).thenReturn(blob);
    when(version.crop()).thenReturn(crop);
    when(version.guidance()).thenReturn(guidance);
    return version;
  }

  private static Opinions of(int side) {
    return new Opinions(
        new Plane(side, side), Optional.empty(), Optional.empty(), List.of(), List.of());
  }

  @Test
  void theNextVersionOfAPhotographIsNotSearchedAgain() {
    when(cutter.opinions(any(), any())).thenReturn(Optional.of(of(8)));

    Optional<Opinions> first = opinions.of(version("a", null, null), PICTURE);

    assertThat(opinions.of(version("a", null, null), PICTURE).get()).isSameAs(first.get());
    verify(cutter, times(1)).opinions(any(), any());
  }

  @Test
  void anotherPartOfItIsAnotherPhotograph() {
    when(cutter.opinions(any(), any())).thenReturn(Optional.of(of(8)), Optional.empty());

    assertThat(opinions.of(version("a", null, null), PICTURE)).isPresent();
    assertThat(opinions.of(version("a", new Rect(0, 0, 1, 1), null), PICTURE)).isEmpty();
  }

  @Test
  void whatAPersonHasSaidNeedsNoSecondOpinion() {
    assertThat(opinions.of(version("a", null, "{}"), PICTURE)).isEmpty();
    verify(cutter, never()).opinions(any(), any());
  }

  @Test
  void memoryIsGivenBack() {
    when(cutter.opinions(any(), any())).thenReturn(Optional.of(of(4_000)));

    opinions.of(version("a", null, null), PICTURE);
    opinions.of(version("b", null, null), PICTURE);
    opinions.of(version("a", null, null), PICTURE);

    verify(cutter, times(3)).opinions(any(), any());
  }
}

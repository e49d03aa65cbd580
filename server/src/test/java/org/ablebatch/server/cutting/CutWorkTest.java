package org.ablebatch.server.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.util.Arrays;
import java.util.Optional;
import org.ablebatch.core.cut.CutProgress;
import org.ablebatch.core.cut.CutStopped;
import org.ablebatch.core.cut.Cutter;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.line.FailureKind;
import org.ablebatch.core.prior.Priors;
import org.ablebatch.core.proposal.Examiner;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.server.batch.Batch;
import org.ablebatch.server.batch.EmptySetService;
import org.ablebatch.server.guiding.GuidanceData;
import org.ablebatch.server.guiding.GuidanceJson;
import org.ablebatch.server.picture.CutoutFiles;
import org.ablebatch.server.picture.Photo;
import org.ablebatch.server.storage.StorageFailed;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What the engine's bad days become: a kind, a sentence, or another try. */
class CutWorkTest {
  private final CutoutFiles files = mock(CutoutFiles.class);
  private final GuidanceJson json = mock(GuidanceJson.class);
  private final Photo photo = mock(Photo.class);
  private final CutWork work =
      new CutWork(
          new Cutter(Priors.none()),
          new Examiner(Optional.empty()),
          files,
          mock(EmptySetService.class),
          json);

  @BeforeEach
  void nothingIsSaid() {
    when(json.guidance(any())).thenReturn(GuidanceData.NONE);
  }

  @Test
  void nothingFoundIsSaidAndNothingSaved() {
    when(files.original(photo)).thenReturn(oneColour());

    assertThat(cut(CutProgress.NONE))
        .isEqualTo(
            new CutWork.Result.Failed(
                FailureKind.EMPTY_PICTURE, "No subject found: the picture is one even colour"));
    verify(files, never()).save(any(), any());
  }

  @Test
  void aFullDiskIsLeftToTheQueue() {
    when(files.original(photo))
        .thenThrow(new StorageFailed("There is no room left", StorageFailed.Kind.FULL, null));

    assertThatThrownBy(() -> cut(CutProgress.NONE)).isInstanceOf(StorageFailed.class);
  }

  @Test
  void anOriginalThatIsGoneIsAFailureAndNoReasonToTryForEver() {
    when(files.original(photo))
        .thenThrow(new StorageFailed("It is missing", StorageFailed.Kind.DAMAGED, null));

    assertThat(cut(CutProgress.NONE))
        .isEqualTo(new CutWork.Result.Failed(FailureKind.DAMAGED, "It is missing"));
  }

  @Test
  void aServerThatStopsIsObeyed() {
    when(files.original(photo)).thenReturn(oneColour());

    assertThatThrownBy(() -> cut(stage -> false)).isInstanceOf(CutStopped.class);
  }

  @Test
  void anErrorInsideBecomesASentenceWithoutTheInside() {
    when(files.original(photo)).thenThrow(new IllegalStateException("index 5 out of bounds"));

    assertThat(cut(CutProgress.NONE))
        .isEqualTo(
            new CutWork.Result.Failed(
                FailureKind.UNEXPECTED,
                "Cutting stopped unexpectedly; the original is kept. Cut it again or leave it"
                    + " whole"));
  }

  @Test
  void tooLittleMemoryIsSaid() {
    when(files.original(photo)).thenThrow(new OutOfMemoryError());

    assertThat(cut(CutProgress.NONE))
        .isInstanceOfSatisfying(
            CutWork.Result.Failed.class,
            failed -> assertThat(failed.kind()).isEqualTo(FailureKind.OUT_OF_MEMORY));
  }

  private CutWork.Result cut(CutProgress progress) {
    return work.cut(photo, mock(Batch.class), Method.AUTO, null, progress);
  }

  private static Picture oneColour() {
    int[] argb = new int[60 * 40];
    Arrays.fill(argb, 0xFFC0C0C0);
    return new Picture(60, 40, argb);
  }
}

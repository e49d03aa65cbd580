package org.ablebatch.server.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.ArgumentMatchers.contains;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.util.Optional;
import java.util.function.Consumer;
import org.ablebatch.core.cut.CutProgress;
import org.ablebatch.core.cut.CutStopped;
import org.ablebatch.core.cut.Cutter;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.line.PictureState;
import org.ablebatch.core.prior.Priors;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.server.batch.BatchService;
import org.ablebatch.server.batch.EmptySetService;
import org.ablebatch.server.guiding.GuidanceData;
import org.ablebatch.server.guiding.GuidanceJson;
import org.ablebatch.server.picture.CutoutFiles;
import org.ablebatch.server.picture.CutoutVersion;
import org.ablebatch.server.picture.CutoutVersionRepository;
import org.ablebatch.server.picture.Photo;
import org.ablebatch.server.picture.PhotoRepository;
import org.ablebatch.server.progress.BatchEvents;
import org.ablebatch.server.storage.StorageFailed;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.support.TransactionCallback;
import org.springframework.transaction.support.TransactionTemplate;

/** What happens to one queued picture when things go wrong around it. */
class CutJobTest {
  private static final long ID = 7;

  private final PhotoRepository photos = mock(PhotoRepository.class);
  private final CutoutVersionRepository versions = mock(CutoutVersionRepository.class);
  private final CutoutFiles files = mock(CutoutFiles.class);
  private final TransactionTemplate transaction = mock(TransactionTemplate.class);
  private final Photo photo = mock(Photo.class);
  private final GuidanceJson json = mock(GuidanceJson.class);
  private final CutJob job =
      new CutJob(
          new Cutter(Priors.none()),
          mock(BatchService.class),
          photos,
          versions,
          files,
          mock(EmptySetService.class),
          json,
          mock(BatchEvents.class),
          transaction,
          Clock.systemUTC());

  @BeforeEach
  void aQueuedPicture() {
    when(json.guidance(any())).thenReturn(GuidanceData.NONE);
    when(transaction.execute(any()))
        .thenAnswer(call -> ((TransactionCallback<?>) call.getArgument(0)).doInTransaction(null));
    doAnswer(
            call -> {
              ((Consumer<?>) call.getArgument(0)).accept(null);
              return null;
            })
        .when(transaction)
        .executeWithoutResult(any());
    when(photos.lock(ID)).thenReturn(Optional.of(photo));
    when(photo.id()).thenReturn(ID);
    when(photo.isQueued()).thenReturn(true);
    when(photo.askedMethod()).thenReturn(Method.AUTO);
    when(photo.state()).thenReturn(PictureState.WAITING, PictureState.CUTTING);
  }

  @Test
  void aPictureThatWasFinishedIsLeftAlone() {
    when(photo.isQueued()).thenReturn(false);

    job.run(ID, CutProgress.NONE);

    verify(photo, never()).beginCutting();
    verify(files, never()).original(any());
  }

  @Test
  void aPictureThatIsGoneIsNoError() {
    when(photos.lock(ID)).thenReturn(Optional.empty());

    job.run(ID, CutProgress.NONE);

    verify(files, never()).original(any());
  }

  @Test
  void aPictureLeftByADeadProcessIsTakenUpWithoutASecondMove() {
    when(photo.state()).thenReturn(PictureState.CUTTING);
    when(files.original(photo)).thenReturn(oneColour());

    job.run(ID, CutProgress.NONE);

    verify(photo, never()).beginCutting();
    verify(photo).fail(contains("one even colour"));
  }

  @Test
  void nothingFoundIsSaidAndNothingSaved() {
    when(files.original(photo)).thenReturn(oneColour());

    job.run(ID, CutProgress.NONE);

    verify(photo).fail("No subject found: the picture is one even colour");
    verify(versions, never()).save(any(CutoutVersion.class));
  }

  @Test
  void aFullDiskIsLeftToTheQueue() {
    when(files.original(photo)).thenThrow(new StorageFailed("There is no room left", true, null));

    assertThatThrownBy(() -> job.run(ID, CutProgress.NONE)).isInstanceOf(StorageFailed.class);
    verify(photo, never()).fail(anyString());
  }

  @Test
  void aServerThatStopsLeavesThePictureForTheNextStart() {
    when(files.original(photo)).thenReturn(oneColour());

    assertThatThrownBy(() -> job.run(ID, stage -> false)).isInstanceOf(CutStopped.class);
    verify(photo, never()).fail(anyString());
  }

  @Test
  void anErrorInsideBecomesASentenceWithoutTheInside() {
    when(files.original(photo)).thenThrow(new IllegalStateException("index 5 out of bounds"));

    job.run(ID, CutProgress.NONE);

    verify(photo)
        .fail("Cutting stopped unexpectedly; the original is kept. Cut it again or leave it whole");
  }

  @Test
  void tooLittleMemoryIsSaid() {
    when(files.original(photo)).thenThrow(new OutOfMemoryError());

    job.run(ID, CutProgress.NONE);

    verify(photo).fail(contains("needs more memory"));
  }

  @Test
  void everyQueueingHasItsOwnNameForTheSamePicture() {
    String first = CutJob.instanceId(42);
    String second = CutJob.instanceId(42);

    assertThat(first).isNotEqualTo(second);
    assertThat(CutJob.photoId(first)).isEqualTo(42);
    assertThat(CutJob.photoId(second)).isEqualTo(42);
  }

  private static Picture oneColour() {
    int[] argb = new int[60 * 40];
    java.util.Arrays.fill(argb, 0xFFC0C0C0);
    return new Picture(60, 40, argb);
  }
}

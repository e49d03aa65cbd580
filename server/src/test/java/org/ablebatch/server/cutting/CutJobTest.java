package org.ablebatch.server.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.util.Optional;
import java.util.function.Supplier;
import org.ablebatch.core.cut.CutProgress;
import org.ablebatch.core.cut.CutStage;
import org.ablebatch.core.cut.CutStopped;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.line.FailureKind;
import org.ablebatch.server.batch.Batch;
import org.ablebatch.server.batch.BatchService;
import org.ablebatch.server.picture.CutoutVersion;
import org.ablebatch.server.picture.CutoutVersionRepository;
import org.ablebatch.server.picture.Photo;
import org.ablebatch.server.picture.PhotoRepository;
import org.ablebatch.server.progress.BatchEvents;
import org.ablebatch.server.storage.StorageFailed;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.dao.TransientDataAccessResourceException;
import org.springframework.transaction.support.TransactionCallback;
import org.springframework.transaction.support.TransactionTemplate;

/** What happens to one queued picture when things go wrong around it. */
class CutJobTest {
  private static final long ID = 7;
  private static final String ME = "me";

  private final NextPicture next = mock(NextPicture.class);
  private final CutWork work = mock(CutWork.class);
  private final BatchService batches = mock(BatchService.class);
  private final PhotoRepository photos = mock(PhotoRepository.class);
  private final CutoutVersionRepository versions = mock(CutoutVersionRepository.class);
  private final WorkerPresence presence = mock(WorkerPresence.class);
  private final TransactionTemplate transaction = mock(TransactionTemplate.class);
  private final Photo photo = mock(Photo.class);
  private final Batch batch = mock(Batch.class);
  private final CutJob job =
      new CutJob(
          next,
          work,
          batches,
          photos,
          versions,
          presence,
          mock(BatchEvents.class),
          new Patience(transaction),
          Clock.systemUTC());

  @BeforeEach
  void aQueuedPicture() {
    when(transaction.execute(any()))
        .thenAnswer(call -> ((TransactionCallback<?>) call.getArgument(0)).doInTransaction(null));
    when(next.find()).thenReturn(Optional.of(ID));
    when(presence.processId()).thenReturn(ME);
    when(photos.lock(ID)).thenReturn(Optional.of(photo));
    when(photo.id()).thenReturn(ID);
    when(photo.isBeingCutBy(ME)).thenReturn(true);
    when(batches.require(anyLong())).thenReturn(batch);
    when(batch.methodFor(any(), any())).thenReturn(Method.AUTO);
  }

  private void workGives(Supplier<CutWork.Result> result) {
    when(work.cut(any(), any(), any(), any(), any())).thenAnswer(call -> result.get());
  }

  @Test
  void whereNothingWaitsNothingIsDone() {
    when(next.find()).thenReturn(Optional.empty());

    assertThat(job.runNext(CutProgress.NONE)).isFalse();
  }

  @Test
  void aCutoutThatWasMadeInTheTestStripIsNotMadeAgain() {
    CutoutVersion known = mock(CutoutVersion.class);
    when(versions.findFirstByPhotoIdAndAskedMethodAndSourceKey(anyLong(), anyString(), anyString()))
        .thenReturn(Optional.of(known));

    assertThat(job.runNext(CutProgress.NONE)).isTrue();

    verify(photo).receive(known);
    verify(work, never()).cut(any(), any(), any(), any(), any());
  }

  @Test
  void aFailureIsWrittenWithItsKind() {
    workGives(() -> new CutWork.Result.Failed(FailureKind.NO_SUBJECT, "Nothing"));

    assertThat(job.runNext(CutProgress.NONE)).isTrue();

    verify(photo).fail(FailureKind.NO_SUBJECT, "Nothing");
  }

  @Test
  void aFullDiskGivesThePictureBackToTheQueue() {
    workGives(
        () -> {
          throw new StorageFailed("full", StorageFailed.Kind.FULL, null);
        });

    assertThatThrownBy(() -> job.runNext(CutProgress.NONE)).isInstanceOf(StorageFailed.class);

    verify(photo).release();
    verify(photo, never()).fail(any(), any());
  }

  @Test
  void aServerThatStopsGivesThePictureBackToTheQueue() {
    workGives(
        () -> {
          throw new CutStopped(CutStage.FIND);
        });

    assertThatThrownBy(() -> job.runNext(stage -> false)).isInstanceOf(CutStopped.class);

    verify(photo).release();
  }

  @Test
  void whatAProcessThoughtDeadBringsIsNotWanted() {
    when(photo.isBeingCutBy(ME)).thenReturn(false);
    workGives(() -> new CutWork.Result.Failed(FailureKind.NO_SUBJECT, "Nothing"));

    job.runNext(CutProgress.NONE);

    verify(photo, never()).fail(any(), any());
    verify(versions, never()).save(any());
  }

  @Test
  void aFinishedCutoutOutlivesADatabaseThatIsAwayForAMoment() {
    workGives(() -> new CutWork.Result.Failed(FailureKind.NO_SUBJECT, "Nothing"));
    when(photos.lock(ID))
        .thenReturn(Optional.of(photo))
        .thenThrow(new TransientDataAccessResourceException("gone away"))
        .thenReturn(Optional.of(photo));

    assertThat(job.runNext(CutProgress.NONE)).isTrue();

    verify(photos, times(3)).lock(ID);
    verify(photo).fail(FailureKind.NO_SUBJECT, "Nothing");
  }
}

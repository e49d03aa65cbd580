package org.ablebatch.server.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.ablebatch.server.TestPictures;
import org.ablebatch.server.batch.BatchRepository;
import org.ablebatch.server.progress.BatchEvents;
import org.ablebatch.server.storage.BlobStore;
import org.ablebatch.server.storage.RenditionStore;
import org.ablebatch.server.storage.StorageFailed;
import org.ablebatch.server.storage.WorkingCopies;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.support.TransactionTemplate;

class IntakeServiceTest {
  private final BlobStore blobs = mock(BlobStore.class);
  private final PhotoRepository photos = mock(PhotoRepository.class);
  private final TransactionTemplate transaction = mock(TransactionTemplate.class);
  private final IntakeService intake =
      new IntakeService(
          new FileReading(blobs, mock(RenditionStore.class), mock(WorkingCopies.class)),
          photos,
          mock(BatchRepository.class),
          mock(BatchEvents.class),
          transaction,
          Clock.systemUTC());

  @Test
  void aFullDiskIsNoFaultOfTheFileAndWritesNoRow() {
    when(blobs.put(any(byte[].class)))
        .thenThrow(
            new StorageFailed("There is no room left on the disk.", StorageFailed.Kind.FULL, null));
    byte[] bytes = TestPictures.discJpeg(40, 30, 0xAA0000);

    assertThatThrownBy(() -> intake.take(1, "a.jpg", bytes, false))
        .isInstanceOf(StorageFailed.class)
        .hasMessage("There is no room left on the disk.");
    verify(transaction, never()).execute(any());
  }

  @Test
  void theBytesAreInTheStoreBeforeTheDatabaseSpeaksOfThem() {
    byte[] bytes = TestPictures.discJpeg(40, 30, 0xAA0000);
    when(blobs.put(any(byte[].class))).thenReturn("0".repeat(64));
    when(transaction.execute(any()))
        .thenAnswer(
            call -> {
              verify(blobs).put(bytes);
              return IntakeResult.refused("seen", "in order");
            });

    assertThat(intake.take(1, "a.jpg", bytes, false).problem()).isEqualTo("in order");
  }

  @Test
  void aFileThatTheProgramStumblesOverIsRefusedAndNotTriedForEver() {
    marksAreMade();
    when(blobs.put(any(byte[].class)))
        .thenThrow(new OutOfMemoryError())
        .thenThrow(new IllegalStateException("index 7 out of bounds"));
    byte[] bytes = TestPictures.discJpeg(40, 30, 0xAA0000);

    assertThat(intake.take(1, "huge.jpg", bytes, false).problem()).contains("more memory");
    assertThat(intake.take(1, "odd.jpg", bytes, false).problem())
        .contains("mistake in the program")
        .doesNotContain("index");
  }

  @Test
  void whatIsNoPictureIsRefusedTogetherWithItsMarkAndNeverStored() {
    marksAreMade();
    List<IntakeResult> marks = new ArrayList<>();

    IntakeResult result =
        intake.take(
            new IntakeService.Arrival(1, "list/prices.txt", null),
            "9.90".getBytes(StandardCharsets.UTF_8),
            marks::add);

    assertThat(result.fileName()).isEqualTo("prices.txt");
    assertThat(result.problem()).contains("text file");
    assertThat(marks).containsExactly(result);
    verify(blobs, never()).put(any(byte[].class));
  }

  private void marksAreMade() {
    doAnswer(
            call -> {
              ((Consumer<?>) call.getArgument(0)).accept(null);
              return null;
            })
        .when(transaction)
        .executeWithoutResult(any());
  }
}

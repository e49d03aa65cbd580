package org.ablebatch.server.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Clock;
import org.ablebatch.server.TestPictures;
import org.ablebatch.server.batch.BatchRepository;
import org.ablebatch.server.progress.BatchEvents;
import org.ablebatch.server.storage.BlobStore;
import org.ablebatch.server.storage.StorageFailed;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.support.TransactionTemplate;

class IntakeServiceTest {
  private final BlobStore blobs = mock(BlobStore.class);
  private final PhotoRepository photos = mock(PhotoRepository.class);
  private final TransactionTemplate transaction = mock(TransactionTemplate.class);
  private final IntakeService intake =
      new IntakeService(
          blobs,
          photos,
          mock(BatchRepository.class),
          mock(BatchEvents.class),
          transaction,
          Clock.systemUTC());

  @Test
  void aFullDiskRefusesTheFileInWordsAndWritesNoRow() {
    when(blobs.put(any()))
        .thenThrow(new StorageFailed("There is no room left on the disk.", true, null));

    IntakeResult result = intake.take(1, "a.jpg", TestPictures.discJpeg(40, 30, 0xAA0000), false);

    assertThat(result.problem()).isEqualTo("There is no room left on the disk.");
    assertThat(result.fileName()).isEqualTo("a.jpg");
    verify(transaction, never()).execute(any());
  }

  @Test
  void theBytesAreInTheStoreBeforeTheDatabaseSpeaksOfThem() {
    byte[] bytes = TestPictures.discJpeg(40, 30, 0xAA0000);
    when(blobs.put(any())).thenReturn("0".repeat(64));
    when(transaction.execute(any()))
        .thenAnswer(
            call -> {
              verify(blobs).put(bytes);
              return IntakeResult.refused("seen", "in order");
            });

    assertThat(intake.take(1, "a.jpg", bytes, false).problem()).isEqualTo("in order");
  }
}

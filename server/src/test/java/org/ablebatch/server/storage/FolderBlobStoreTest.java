package org.ablebatch.server.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class FolderBlobStoreTest {
  private static final byte[] FERN = "fern".getBytes(StandardCharsets.UTF_8);

  @TempDir private Path folder;

  @Test
  void bytesComeBackUnderTheirOwnHash() {
    FolderBlobStore store = new FolderBlobStore(folder);

    String id = store.put(FERN);

    assertThat(id).isEqualTo(Sha256.of(FERN)).hasSize(64);
    assertThat(store.get(id)).isEqualTo(FERN);
    assertThat(store.put(FERN)).isEqualTo(id);
    assertThat(files()).hasSize(1);
  }

  @Test
  void aFullDiskLeavesNothingHalfWrittenAndSaysSo() {
    FolderBlobStore store =
        new FolderBlobStore(folder) {
          @Override
          protected void write(Path file, byte[] bytes) throws IOException {
            Files.write(file, java.util.Arrays.copyOf(bytes, bytes.length / 2));
            throw new IOException("No space left on device");
          }
        };

    assertThatThrownBy(() -> store.put(FERN))
        .isInstanceOfSatisfying(StorageFailed.class, e -> assertThat(e.isFull()).isTrue())
        .hasMessage(
            "The picture could not be saved: there is no room left on the disk. Everything saved"
                + " before is safe.");
    assertThat(files()).isEmpty();
    assertThatThrownBy(() -> store.get(Sha256.of(FERN)))
        .isInstanceOf(StorageFailed.class)
        .hasMessageContaining("missing");
  }

  @Test
  void whatAKilledProcessLeftIsForgottenAtTheNextStart() throws IOException {
    Path left = Files.createDirectories(folder.resolve("unfinished")).resolve("left");
    Files.write(left, FERN);

    new FolderBlobStore(folder);

    assertThat(left).doesNotExist();
  }

  @Test
  void namesThatAreNoHashesReachNoFile() {
    FolderBlobStore store = new FolderBlobStore(folder);

    assertThatThrownBy(() -> store.get("../../secret"))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void aFileBecomesABlobWithoutBeingWrittenAgainAndStaysWithItsOwner() throws IOException {
    FolderBlobStore store =
        new FolderBlobStore(folder.resolve("blobs")) {
          @Override
          protected void write(Path file, byte[] bytes) {
            throw new AssertionError("written a second time");
          }
        };
    Path upload = Files.write(folder.resolve("upload"), FERN);

    String id = store.put(upload, FERN);
    String again = store.put(upload, FERN);

    assertThat(again).isEqualTo(id);
    assertThat(upload).exists();
    Files.delete(upload);
    assertThat(store.get(id)).isEqualTo(FERN);
  }

  @Test
  void onlyOldBlobsThatNobodyRefersToAreTakenAway() throws IOException {
    FolderBlobStore store = new FolderBlobStore(folder);
    String kept = store.put("kept".getBytes(StandardCharsets.UTF_8));
    String orphan = store.put("orphan".getBytes(StandardCharsets.UTF_8));
    String used = store.put("used again".getBytes(StandardCharsets.UTF_8));
    for (String id : List.of(kept, orphan, used)) {
      Files.setLastModifiedTime(
          folder.resolve(id.substring(0, 2)).resolve(id),
          FileTime.from(Instant.now().minusSeconds(7200)));
    }
    store.put("used again".getBytes(StandardCharsets.UTF_8));
    String fresh = store.put("fresh".getBytes(StandardCharsets.UTF_8));

    int forgotten =
        store.forgetUnreferred(
            Duration.ofHours(1), names -> names.contains(kept) ? Set.of(kept) : Set.of());

    assertThat(forgotten).isEqualTo(1);
    assertThat(files().map(file -> file.getFileName().toString()))
        .containsExactlyInAnyOrder(kept, used, fresh);
  }

  private Stream<Path> files() {
    try (Stream<Path> all = Files.walk(folder)) {
      return all.filter(Files::isRegularFile).toList().stream();
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }
}

package org.ablebatch.server.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
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

    assertThat(id).isEqualTo(FolderBlobStore.sha256(FERN)).hasSize(64);
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
    assertThatThrownBy(() -> store.get(FolderBlobStore.sha256(FERN)))
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

  private Stream<Path> files() {
    try (Stream<Path> all = Files.walk(folder)) {
      return all.filter(Files::isRegularFile).toList().stream();
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }
}

package org.ablebatch.server.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class UploadFolderTest {
  private static final long ID = 7;

  @TempDir private Path folder;

  @Test
  void piecesAreJoinedAndNeverMoreThanThereIsRoomFor() throws IOException {
    UploadFolder uploads = new UploadFolder(folder);

    assertThat(uploads.append(ID, bytes(0, 5), 12)).isEqualTo(5);
    assertThat(uploads.append(ID, bytes(5, 90), 7)).isEqualTo(12);

    assertThat(Files.readAllBytes(uploads.file(ID)))
        .containsExactly(0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11);
    assertThat(uploads.length(ID)).isEqualTo(12);
    assertThat(uploads.length(ID + 1)).isZero();
  }

  @Test
  void whatCameBeforeTheConnectionBrokeIsKept() {
    UploadFolder uploads = new UploadFolder(folder);
    InputStream breaking =
        new InputStream() {
          private int sent;

          @Override
          public int read() throws IOException {
            if (sent++ == 3) {
              throw new IOException("connection reset");
            }
            return 42;
          }

          @Override
          public int read(byte[] into, int from, int most) throws IOException {
            into[from] = (byte) read();
            return 1;
          }
        };

    assertThatThrownBy(() -> uploads.append(ID, breaking, 100)).isInstanceOf(IOException.class);

    assertThat(uploads.length(ID)).isEqualTo(3);
  }

  @Test
  void piecesOfUploadsThatNobodyNeedsAreClearedAwayAndUnpackedOnesAtTheStart() throws IOException {
    UploadFolder uploads = new UploadFolder(folder);
    uploads.append(ID, bytes(0, 5), 5);
    uploads.append(ID + 1, bytes(0, 5), 5);
    Path unpacked = uploads.temporary();

    uploads.forgetUnneeded(id -> id == ID);
    new UploadFolder(folder);

    assertThat(uploads.file(ID)).exists();
    assertThat(uploads.file(ID + 1)).doesNotExist();
    assertThat(unpacked).doesNotExist();
  }

  /** On a disk of one megabyte; only where this user may mount one. */
  @Test
  void aFullDiskIsSaidAndWhatCameBeforeIsKept() throws Exception {
    Path disk = Files.createDirectory(folder.resolve("disk"));
    assumeTrue(run("mount", "-t", "tmpfs", "-o", "size=1m", "able-test", disk.toString()));
    try {
      UploadFolder uploads = new UploadFolder(disk.resolve("uploads"));
      uploads.append(ID, bytes(0, 200_000), 200_000);
      byte[] tooMuch = new byte[2_000_000];

      assertThatThrownBy(
              () -> uploads.append(ID + 1, new ByteArrayInputStream(tooMuch), tooMuch.length))
          .isInstanceOfSatisfying(StorageFailed.class, e -> assertThat(e.isFull()).isTrue())
          .hasMessageContaining("no room left on the disk");

      assertThat(uploads.length(ID)).isEqualTo(200_000);
      assertThat(uploads.length(ID + 1)).isPositive();
      uploads.forget(ID + 1);
      assertThat(uploads.append(ID + 1, bytes(0, 100_000), 100_000)).isEqualTo(100_000);
    } finally {
      run("umount", disk.toString());
    }
  }

  private static boolean run(String... command) throws IOException, InterruptedException {
    Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
    process.getInputStream().readAllBytes();
    return process.waitFor(10, TimeUnit.SECONDS) && process.exitValue() == 0;
  }

  private static InputStream bytes(int first, int count) {
    byte[] bytes = new byte[count];
    for (int i = 0; i < count; i++) {
      bytes[i] = (byte) (first + i);
    }
    return new ByteArrayInputStream(bytes);
  }
}

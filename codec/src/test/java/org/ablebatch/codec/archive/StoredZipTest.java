package org.ablebatch.codec.archive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import org.ablebatch.codec.archive.StoredZip.Entry;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class StoredZipTest {
  private static final LocalDateTime AT = LocalDateTime.of(2026, 11, 29, 3, 4, 6);

  @TempDir Path folder;

  @Test
  void readersFindEveryFileWithItsBytesAndItsTime() throws IOException {
    StoredZip zip =
        new StoredZip(
            List.of(Entry.of("Gießkanne.jpg", bytes(5000, 1)), Entry.of("leer.txt", new byte[0])),
            AT);

    try (ZipFile read = new ZipFile(written(zip).toFile(), StandardCharsets.UTF_8)) {
      assertThat(read.size()).isEqualTo(2);
      ZipEntry can = read.getEntry("Gießkanne.jpg");
      assertThat(read.getInputStream(can).readAllBytes()).isEqualTo(bytes(5000, 1));
      assertThat(can.getMethod()).isEqualTo(ZipEntry.STORED);
      assertThat(can.getTimeLocal()).isEqualTo(AT);
      assertThat(read.getInputStream(read.getEntry("leer.txt")).readAllBytes()).isEmpty();
    }
  }

  @Test
  void anyPartIsWhatTheWholeHasThere() throws IOException {
    StoredZip zip =
        new StoredZip(
            IntStream.range(0, 6).mapToObj(i -> Entry.of("f" + i, bytes(300, i))).toList(), AT);
    byte[] whole = part(zip, 0, zip.length());
    assertThat(whole).hasSize((int) zip.length());

    Random random = new Random(7);
    for (int i = 0; i < 200; i++) {
      int from = random.nextInt(whole.length);
      int count = random.nextInt(whole.length - from + 1);
      assertThat(part(zip, from, count)).isEqualTo(Arrays.copyOfRange(whole, from, from + count));
    }
  }

  @Test
  void onlyFilesOfThePartAreRead() throws IOException {
    List<String> read = new ArrayList<>();
    StoredZip zip =
        new StoredZip(List.of(counted("a", read), counted("b", read), counted("c", read)), AT);

    part(zip, zip.length() - 22, 22);
    assertThat(read).isEmpty();
    part(zip, 30 + 1 + 100 + 31, 10);
    assertThat(read).containsExactly("b");
  }

  @Test
  void moreFilesThanTheFirstFormatCountsAreAllThere() throws IOException {
    byte[] one = {1};
    StoredZip zip =
        new StoredZip(
            IntStream.range(0, 70_000).mapToObj(i -> Entry.of("f" + i, one)).toList(), AT);

    try (ZipFile read = new ZipFile(written(zip).toFile())) {
      assertThat(read.size()).isEqualTo(70_000);
      assertThat(read.getInputStream(read.getEntry("f69999")).readAllBytes()).containsExactly(1);
    }
  }

  /**
   * Only what stands behind four gigabytes is written; a sparse file holds the place of the rest.
   */
  @Test
  void beyondFourGigabytesTheDirectorySaysWhereThingsAre() throws IOException {
    long large = 1_500_000_000L;
    Entry hole = new Entry("hole", large, 0, () -> new byte[0]);
    StoredZip zip = new StoredZip(List.of(hole, hole, hole, Entry.of("far.txt", bytes(50, 3))), AT);
    long rest = 3 * (large + 34);
    Path file = folder.resolve("large.zip");

    try (RandomAccessFile sparse = new RandomAccessFile(file.toFile(), "rw")) {
      sparse.seek(rest);
      sparse.write(part(zip, rest, zip.length() - rest));
    }

    assertThat(rest).isGreaterThan(0xFFFF_FFFFL);
    try (ZipFile read = new ZipFile(file.toFile())) {
      assertThat(read.getInputStream(read.getEntry("far.txt")).readAllBytes())
          .isEqualTo(bytes(50, 3));
    }
  }

  @Test
  void aFileThatIsNotAsLongAsItWasBreaksOff() {
    StoredZip zip = new StoredZip(List.of(new Entry("a", 10, 0, () -> new byte[9])), AT);

    assertThatThrownBy(() -> zip.write(0, zip.length(), OutputStream.nullOutputStream()))
        .isInstanceOf(IOException.class)
        .hasMessageContaining("9 bytes instead of 10");
  }

  private static Entry counted(String name, List<String> read) {
    byte[] content = bytes(100, name.hashCode());
    return new Entry(
        name,
        100,
        StoredZip.crc32(content),
        () -> {
          read.add(name);
          return content;
        });
  }

  private Path written(StoredZip zip) throws IOException {
    return Files.write(folder.resolve("whole.zip"), part(zip, 0, zip.length()));
  }

  private static byte[] part(StoredZip zip, long from, long count) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    zip.write(from, count, out);
    return out.toByteArray();
  }

  private static byte[] bytes(int count, int seed) {
    byte[] bytes = new byte[count];
    new Random(seed).nextBytes(bytes);
    return bytes;
  }
}

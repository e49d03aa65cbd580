package org.ablebatch.codec.archive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class PictureArchiveTest {
  private static final int MEGABYTE = 1 << 20;
  private static final ArchiveLimits SMALL =
      new ArchiveLimits(20, 3L * MEGABYTE, 8L * MEGABYTE, 200);

  @TempDir Path folder;

  /** What came of every name: its length, or the reason. */
  private final Map<String, String> got = new LinkedHashMap<>();

  @Test
  void everyFileComesInOrderHoweverDeep() throws Exception {
    open(zip("a.jpg", noise(10), "spring/pots/b.jpg", noise(20), "spring/", null));

    assertThat(got).containsExactly(Map.entry("a.jpg", "10"), Map.entry("spring/pots/b.jpg", "20"));
  }

  @Test
  void whatFileManagersLeaveBehindIsPassedOver() throws Exception {
    open(
        zip(
            "__MACOSX/._a.jpg",
            noise(5),
            "x/.DS_Store",
            noise(5),
            "Thumbs.db",
            noise(5),
            "a.jpg",
            noise(5)));

    assertThat(got).containsOnlyKeys("a.jpg");
  }

  @Test
  void aNameThatClimbsOutIsOnlyAName() throws Exception {
    open(zip("../../etc/a.jpg", noise(5)));

    assertThat(got).containsOnlyKeys("../../etc/a.jpg");
    assertThat(folder.getParent().resolve("etc")).doesNotExist();
  }

  @Test
  void aBombIsRefusedAndTheRestTaken() throws Exception {
    open(zip("bomb.jpg", new byte[2 * MEGABYTE], "a.jpg", noise(MEGABYTE)));

    assertThat(got.get("bomb.jpg")).contains("unfolds to far more");
    assertThat(got.get("a.jpg")).isEqualTo(String.valueOf(MEGABYTE));
  }

  @Test
  void aZipInsideAZipIsRefused() throws Exception {
    open(zip("inner.zip", zipBytes("a.jpg", noise(5))));

    assertThat(got.get("inner.zip")).contains("ZIP inside a ZIP");
  }

  @Test
  void tooManyFilesAreRefusedBeforeAnyIsTaken() {
    Object[] many = new Object[42];
    for (int i = 0; i < many.length; i += 2) {
      many[i] = i + ".jpg";
      many[i + 1] = noise(1);
    }

    assertThatThrownBy(() -> open(zip(many)))
        .isInstanceOf(UnreadableArchive.class)
        .hasMessageContaining("21 files; 20 is the most");
    assertThat(got).isEmpty();
  }

  @Test
  void tooMuchTogetherStopsWhereItIsTooMuch() {
    byte[] large = noise(3 * MEGABYTE - 1);

    assertThatThrownBy(() -> open(zip("a.jpg", large, "b.jpg", large, "c.jpg", large)))
        .isInstanceOf(UnreadableArchive.class)
        .hasMessageContaining("Split it");
    assertThat(got).containsOnlyKeys("a.jpg", "b.jpg");
  }

  @Test
  void aZipThatIsCutShortIsRefused() throws Exception {
    byte[] whole = zipBytes("a.jpg", noise(500));
    Path cut = Files.write(folder.resolve("cut.zip"), Arrays.copyOf(whole, whole.length / 2));

    assertThatThrownBy(() -> open(cut)).hasMessageContaining("damaged or cut short");
  }

  @Test
  void aDamagedFileCostsOnlyItself() throws Exception {
    byte[] whole = zipBytes("a.jpg", noise(500), "b.jpg", noise(500));
    whole[100] ^= 0x55;

    open(Files.write(folder.resolve("hurt.zip"), whole));

    assertThat(got.get("a.jpg")).contains("damaged");
    assertThat(got.get("b.jpg")).isEqualTo("500");
  }

  @Test
  void namesOfOldSystemsAreRead() throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    write(out, Charset.forName("IBM437"), "Blumenkübel.jpg", noise(5));

    open(Files.write(folder.resolve("old.zip"), out.toByteArray()));

    assertThat(got).containsOnlyKeys("Blumenkübel.jpg");
  }

  private void open(Path zip) throws UnreadableArchive {
    PictureArchive.open(
        zip,
        SMALL,
        new PictureArchive.Taker() {
          @Override
          public void take(String name, byte[] bytes) {
            got.put(name, String.valueOf(bytes.length));
          }

          @Override
          public void refuse(String name, String reason) {
            got.put(name, reason);
          }
        });
  }

  private Path zip(Object... namesAndBytes) throws IOException {
    return Files.write(folder.resolve("test.zip"), zipBytes(namesAndBytes));
  }

  private static byte[] zipBytes(Object... namesAndBytes) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    write(out, StandardCharsets.UTF_8, namesAndBytes);
    return out.toByteArray();
  }

  private static void write(ByteArrayOutputStream out, Charset names, Object... namesAndBytes)
      throws IOException {
    try (ZipOutputStream zip = new ZipOutputStream(out, names)) {
      for (int i = 0; i < namesAndBytes.length; i += 2) {
        zip.putNextEntry(new ZipEntry((String) namesAndBytes[i]));
        if (namesAndBytes[i + 1] != null) {
          zip.write((byte[]) namesAndBytes[i + 1]);
        }
        zip.closeEntry();
      }
    }
  }

  private static byte[] noise(int length) {
    byte[] out = new byte[length];
    new Random(length).nextBytes(out);
    return out;
  }
}

package org.ablebatch.cli;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/** One ZIP with all results; it has its name when it is whole. */
final class OutputZip implements Output {
  private final Path part;
  private final Path whole;
  private final ZipOutputStream zip;

  OutputZip(Path whole) throws IOException {
    this.whole = whole;
    this.part = Files.createTempFile(whole.toAbsolutePath().getParent(), ".able-", ".part");
    this.zip = new ZipOutputStream(Files.newOutputStream(part), StandardCharsets.UTF_8);
    // Pictures are compressed already.
    zip.setLevel(Deflater.BEST_SPEED);
  }

  @Override
  public synchronized void write(String name, byte[] bytes) throws IOException {
    zip.putNextEntry(new ZipEntry(name));
    zip.write(bytes);
    zip.closeEntry();
  }

  @Override
  public synchronized void close() throws IOException {
    zip.close();
    Files.move(part, whole, StandardCopyOption.REPLACE_EXISTING);
  }
}

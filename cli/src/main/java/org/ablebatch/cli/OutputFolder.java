package org.ablebatch.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;

/** Where results go; each is there whole or not at all. */
record OutputFolder(Path folder) implements Output {
  @Override
  public void write(String name, byte[] bytes) throws IOException {
    Path part = Files.createTempFile(folder, ".able-", ".part");
    try {
      Files.write(part, bytes);
      Files.move(part, folder.resolve(name), StandardCopyOption.REPLACE_EXISTING);
    } finally {
      Files.deleteIfExists(part);
    }
  }

  @Override
  public void close() {}
}

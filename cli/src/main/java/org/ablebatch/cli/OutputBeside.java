package org.ablebatch.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;

/**
 * Results stand beside the pictures that they were made of. Nothing that is there is touched: what
 * comes again the same stays, and what comes otherwise gets a number.
 *
 * @param folder for what belongs to no picture
 */
record OutputBeside(Path folder) implements Output {
  @Override
  public void write(String name, byte[] bytes) throws IOException {
    new OutputFolder(folder).write(name, bytes);
  }

  @Override
  public synchronized String write(Path picture, String name, byte[] bytes) throws IOException {
    Path beside = picture.toAbsolutePath().getParent();
    int dot = name.lastIndexOf('.');
    String free = name;
    for (int n = 2; Files.exists(beside.resolve(free)); n++) {
      if (holds(beside.resolve(free), bytes)) {
        return free;
      }
      free = name.substring(0, dot) + "-" + n + name.substring(dot);
    }
    new OutputFolder(beside).write(free, bytes);
    return free;
  }

  private static boolean holds(Path file, byte[] bytes) throws IOException {
    return Files.isRegularFile(file)
        && Files.size(file) == bytes.length
        && Arrays.equals(Files.readAllBytes(file), bytes);
  }

  @Override
  public void close() {}
}

package org.ablebatch.cli;

import java.io.IOException;
import java.nio.file.Path;

/** Where delivered files go. */
interface Output extends AutoCloseable {
  /** The file is there whole or not at all. */
  void write(String name, byte[] bytes) throws IOException;

  /**
   * @param picture that the file was made of
   * @return its name as it came to be
   */
  default String write(Path picture, String name, byte[] bytes) throws IOException {
    write(name, bytes);
    return name;
  }

  @Override
  void close() throws IOException;
}

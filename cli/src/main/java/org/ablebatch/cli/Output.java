package org.ablebatch.cli;

import java.io.IOException;

/** Where delivered files go. */
interface Output extends AutoCloseable {
  /** The file is there whole or not at all. */
  void write(String name, byte[] bytes) throws IOException;

  @Override
  void close() throws IOException;
}

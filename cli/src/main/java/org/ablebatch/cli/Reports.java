package org.ablebatch.cli;

import java.nio.file.Path;
import java.util.List;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** What became of all files, as a JSON list. */
final class Reports {
  private Reports() {}

  static void write(List<? extends Report> reports, Path to) {
    JsonMapper.builder()
        .enable(SerializationFeature.INDENT_OUTPUT)
        .build()
        .writeValue(to.toFile(), reports);
  }
}

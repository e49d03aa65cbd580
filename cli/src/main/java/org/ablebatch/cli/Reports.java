package org.ablebatch.cli;

import java.io.OutputStream;
import java.nio.file.Path;
import java.util.List;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** What became of all files, as a JSON list. */
final class Reports {
  private Reports() {}

  static void write(List<? extends Report> reports, Path to) {
    mapper().writeValue(to.toFile(), reports);
  }

  static void write(List<? extends Report> reports, OutputStream to) {
    mapper().writeValue(to, reports);
  }

  private static JsonMapper mapper() {
    return JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();
  }
}

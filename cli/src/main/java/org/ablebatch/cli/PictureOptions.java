package org.ablebatch.cli;

import java.io.IOException;
import java.nio.file.Path;
import org.ablebatch.core.cut.Method;
import picocli.CommandLine.Option;

/** What commands that dress pictures have to know of them. */
final class PictureOptions {
  @Option(
      names = "--list",
      paramLabel = "FILE",
      description = "CSV with the columns file, code, group and others, for texts and names.")
  private Path listFile;

  @Option(
      names = "--method",
      defaultValue = "auto",
      description = "How photographs are cut out: " + MethodNames.ALL + ".")
  private String methodName;

  @Option(names = "--threads", paramLabel = "N", description = "Pictures at once. Default: cores.")
  private int threads = Runtime.getRuntime().availableProcessors();

  PictureSource source(GivenFiles given) throws IOException {
    Method method =
        MethodNames.method(methodName)
            .orElseThrow(() -> given.wrongUse(MethodNames.unknown(methodName)));
    return new PictureSource(method, given.list(listFile));
  }

  int threads(GivenFiles given) {
    if (threads < 1) {
      throw given.wrongUse("--threads must be at least 1, not " + threads);
    }
    return threads;
  }
}

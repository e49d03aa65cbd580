package org.ablebatch.bench.learning;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import org.ablebatch.bench.accuracy.TestSet;

/** A table of comma-separated values about the pictures of a set, made on all cores. */
final class Lines {
  /** What there is to say of one picture. */
  interface Of {
    List<String> entry(TestSet set, TestSet.Entry entry) throws Exception;
  }

  private Lines() {}

  static void write(Path folder, Path out, Of lines) throws IOException {
    TestSet set = TestSet.in(folder);
    try (PrintStream to =
        new PrintStream(Files.newOutputStream(out), false, StandardCharsets.UTF_8)) {
      set.entries().parallelStream().forEach(entry -> of(lines, set, entry).forEach(to::println));
    }
  }

  private static List<String> of(Lines.Of lines, TestSet set, TestSet.Entry entry) {
    try {
      return lines.entry(set, entry);
    } catch (Exception e) {
      throw new IllegalStateException(entry.name(), e);
    }
  }

  static String line(String name, String way, double[] measures, float[] facts) {
    StringBuilder line = new StringBuilder(name).append(',').append(way);
    for (double measure : measures) {
      add(line, measure);
    }
    for (float fact : facts) {
      add(line, fact);
    }
    return line.toString();
  }

  private static void add(StringBuilder line, double value) {
    line.append(String.format(Locale.ROOT, ",%.5g", value));
  }
}

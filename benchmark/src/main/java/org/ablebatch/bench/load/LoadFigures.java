package org.ablebatch.bench.load;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What was measured, as a section of a Markdown file. */
final class LoadFigures {
  private static final String BEGIN = "<!-- load figures, written by ./bench load -->";
  private static final String END = "<!-- end of load figures -->";

  private final List<String> lines = new ArrayList<>();

  void line(String format, Object... values) {
    String line = String.format(Locale.ROOT, format, values);
    lines.add(line);
    System.out.println(line);
  }

  /** Puts the lines between the marks in the file; at its end where there are none. */
  void writeInto(Path file) throws IOException {
    String text = Files.readString(file);
    String section = BEGIN + "\n" + String.join("\n", lines) + "\n" + END;
    int from = text.indexOf(BEGIN);
    int to = text.indexOf(END);
    String written =
        from >= 0 && to > from
            ? text.substring(0, from) + section + text.substring(to + END.length())
            : text + "\n" + section + "\n";
    Files.writeString(file, written);
  }
}

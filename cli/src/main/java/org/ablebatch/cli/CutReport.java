package org.ablebatch.cli;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.ablebatch.core.cut.CutOutcome;

/**
 * What became of one file.
 *
 * @param problem null when a cutout was written
 */
record CutReport(
    String file,
    String output,
    String method,
    String reason,
    int confidence,
    int subjects,
    long millis,
    Map<String, Long> millisPerStage,
    String problem) {

  static CutReport done(String file, String output, CutOutcome.Done done, long millis) {
    return new CutReport(
        file,
        output,
        done.method().wireName(),
        done.reason(),
        done.confidence().percent(),
        done.subjects(),
        millis,
        done.millisPerStage(),
        null);
  }

  static CutReport failed(String file, String problem) {
    return new CutReport(file, null, null, null, 0, 0, 0, Map.of(), problem);
  }

  String line() {
    return problem != null
        ? file + ": " + problem
        : "%s: confidence %d, %s (%s), %d ms".formatted(file, confidence, method, reason, millis);
  }

  static String toJson(List<CutReport> reports) {
    return reports.stream()
        .map(CutReport::toJson)
        .collect(Collectors.joining(",\n", "[\n", "\n]\n"));
  }

  private String toJson() {
    if (problem != null) {
      return "  {\"file\": %s, \"problem\": %s}".formatted(quote(file), quote(problem));
    }
    String stages =
        millisPerStage.entrySet().stream()
            .map(e -> quote(e.getKey()) + ": " + e.getValue())
            .collect(Collectors.joining(", "));
    return "  {\"file\": %s, \"output\": %s, \"method\": %s, \"reason\": %s, \"confidence\": %d, \"subjects\": %d, \"millis\": %d, \"millisPerStage\": {%s}}"
        .formatted(
            quote(file),
            quote(output),
            quote(method),
            quote(reason),
            confidence,
            subjects,
            millis,
            stages);
  }

  private static String quote(String text) {
    StringBuilder out = new StringBuilder("\"");
    for (char c : text.toCharArray()) {
      if (c == '"' || c == '\\') {
        out.append('\\').append(c);
      } else if (c < 32) {
        out.append("\\u%04x".formatted((int) c));
      } else {
        out.append(c);
      }
    }
    return out.append('"').toString();
  }
}

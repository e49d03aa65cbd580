package org.ablebatch.cli;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import java.util.stream.Stream;

/**
 * What became of one picture.
 *
 * @param problem why nothing of it was made; null otherwise
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
record DeliverReport(String original, List<Line> files, String problem) implements Report {

  /**
   * One file.
   *
   * @param sha256 null with a problem
   * @param quality null where its format has none
   * @param likeness to the picture before it was compressed, where its spec limits the weight
   * @param notes what its owner would want to know
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  record Line(
      String name,
      String sha256,
      Long bytes,
      Integer width,
      Integer height,
      String format,
      Integer quality,
      Double likeness,
      String spec,
      List<String> notes,
      String problem) {}

  static DeliverReport failed(String original, String problem) {
    return new DeliverReport(original, List.of(), problem);
  }

  @Override
  public boolean isProblem() {
    return problem != null || files.stream().anyMatch(file -> file.problem() != null);
  }

  @Override
  public String line() {
    if (problem != null) {
      return original + ": " + problem;
    }
    List<String> said =
        files.stream()
            .flatMap(
                file ->
                    file.problem() != null
                        ? Stream.of(file.name() + " " + file.problem())
                        : file.notes().stream().map(note -> file.name() + " " + note))
            .toList();
    return said.isEmpty()
        ? original + ": " + files.size() + " files"
        : original + ": " + String.join(". ", said);
  }
}

package org.ablebatch.cli;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;

/**
 * What became of one file that was dressed.
 *
 * @param output the file that was written; null with a problem
 * @param notes what the look does to it and nobody wants; null with a problem
 * @param problem null when a picture was written
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
record DressReport(String file, String output, List<String> notes, String problem)
    implements Report {
  static DressReport done(String file, String output, List<String> notes) {
    return new DressReport(file, output, notes, null);
  }

  static DressReport failed(String file, String problem) {
    return new DressReport(file, null, null, problem);
  }

  @Override
  public boolean isProblem() {
    return problem != null;
  }

  @Override
  public String line() {
    if (isProblem()) {
      return file + ": " + problem;
    }
    return notes.isEmpty() ? file + ": dressed" : file + ": " + String.join(". ", notes);
  }
}

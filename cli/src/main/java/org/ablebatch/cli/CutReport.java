package org.ablebatch.cli;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import java.util.Map;
import org.ablebatch.core.cut.CutOutcome;
import org.ablebatch.core.raster.Rect;

/**
 * What became of one file; the report is a JSON list of these.
 *
 * @param output the file that was written; null with a problem
 * @param tried the ways that competed, the best first; null with a problem
 * @param subjects what was found, those left out included; null with a problem
 * @param millis from the decoded picture to the cutout
 * @param problem null when a cutout was written
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
record CutReport(
    String file,
    String output,
    String method,
    String reason,
    Integer confidence,
    List<TriedWay> tried,
    List<FoundSubject> subjects,
    Long millis,
    Map<String, Long> millisPerStage,
    String problem)
    implements Report {

  /**
   * @param expectedError what the judge expected to be wrong, as a share of the subject, 0..1
   */
  record TriedWay(String method, double expectedError) {}

  /**
   * @param box in pixels of the picture
   * @param share of the picture's area, 0..1
   */
  record FoundSubject(int number, Box box, double share, boolean kept) {}

  record Box(int x, int y, int width, int height) {
    static Box of(Rect rect) {
      return new Box(rect.x(), rect.y(), rect.width(), rect.height());
    }
  }

  static CutReport done(String file, String output, CutOutcome.Done done, long millis) {
    return new CutReport(
        file,
        output,
        done.method().wireName(),
        done.reason(),
        done.confidence().percent(),
        done.tried().stream()
            .map(way -> new TriedWay(way.method().wireName(), way.expectedError()))
            .toList(),
        done.subjects().list().stream()
            .map(s -> new FoundSubject(s.number(), Box.of(s.box()), s.share(), s.kept()))
            .toList(),
        millis,
        done.millisPerStage(),
        null);
  }

  static CutReport failed(String file, String problem) {
    return new CutReport(file, null, null, null, null, null, null, null, null, problem);
  }

  @Override
  public boolean isProblem() {
    return problem != null;
  }

  @Override
  public String line() {
    return isProblem()
        ? file + ": " + problem
        : "%s: confidence %d, %s (%s), %d ms".formatted(file, confidence, method, reason, millis);
  }
}

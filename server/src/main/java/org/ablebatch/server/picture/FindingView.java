package org.ablebatch.server.picture;

import io.swagger.v3.oas.annotations.media.Schema;
import org.ablebatch.core.finding.Finding;
import org.ablebatch.core.finding.FindingKind;
import org.ablebatch.core.raster.Rect;

/**
 * A suspected fault as the API shows it.
 *
 * @param kind empty, nearly-all, missing-part, hole, gap, leftover, support, shadow, haze, fringe,
 *     edge, marks, frame, blurred or too-small
 * @param label the kind in a few words
 * @param x of the box, in pixels of the picture
 * @param measured in the unit that the sentence names
 * @param severity 0..1, from 0.3 on a person should look
 */
@Schema(name = "Finding")
public record FindingView(
    String kind,
    String label,
    int x,
    int y,
    int width,
    int height,
    double measured,
    double severity,
    String sentence) {
  private static final double HUNDRED = 100;

  public static FindingView of(Finding finding) {
    return new FindingView(
        finding.kind().wireName(),
        finding.kind().label(),
        finding.box().x(),
        finding.box().y(),
        finding.box().width(),
        finding.box().height(),
        Math.round(finding.measured() * HUNDRED) / HUNDRED,
        Math.round(finding.severity() * HUNDRED) / HUNDRED,
        finding.sentence());
  }

  Finding toFinding() {
    return new Finding(
        FindingKind.ofWireName(kind), new Rect(x, y, width, height), measured, severity, sentence);
  }
}

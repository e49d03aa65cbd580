package org.ablebatch.server.picture;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Locale;
import java.util.Optional;
import org.ablebatch.core.finding.Finding;
import org.ablebatch.core.finding.FindingKind;
import org.ablebatch.core.finding.Mend;
import org.ablebatch.core.raster.Rect;

/**
 * A suspected fault as the API shows it.
 *
 * @param kind empty, nearly-all, missing-part, hole, gap, leftover, support, shadow, haze, fringe,
 *     edge, marks, frame, blurred, too-small, could-be-subject or could-be-backdrop
 * @param label the kind in a few words
 * @param x of the box, in pixels of the picture
 * @param measured in the unit that the sentence names
 * @param severity 0..1, from 0.3 on a person should look
 * @param mend what the program proposes; null = nothing
 * @param right a person said that it is no fault
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
    String sentence,
    MendView mend,
    boolean right) {
  private static final double HUNDRED = 100;
  private static final double THOUSAND = 1000;

  /**
   * What the program proposes.
   *
   * @param goes back, away or along (the outline)
   * @param odds how likely it makes the cutout better, 0..1
   * @param safe nineteen of twenty such do
   */
  @Schema(name = "Mend")
  public record MendView(String goes, long pixels, double odds, boolean safe) {
    static MendView of(Mend mend) {
      return new MendView(
          mend.goes().name().toLowerCase(Locale.ROOT),
          mend.pixels(),
          Math.floor(mend.odds() * THOUSAND) / THOUSAND,
          mend.isSafe());
    }

    Mend toMend() {
      return new Mend(Mend.Goes.valueOf(goes.toUpperCase(Locale.ROOT)), pixels, odds);
    }
  }

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
        finding.sentence(),
        finding.mend().map(MendView::of).orElse(null),
        finding.right());
  }

  Finding toFinding() {
    return new Finding(
        FindingKind.ofWireName(kind),
        new Rect(x, y, width, height),
        measured,
        severity,
        sentence,
        Optional.ofNullable(mend).map(MendView::toMend),
        right);
  }
}

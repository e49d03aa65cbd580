package org.ablebatch.core.proposal;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.ablebatch.core.area.Area;
import org.ablebatch.core.area.Shape;
import org.ablebatch.core.cut.Opinions;
import org.ablebatch.core.finding.Finding;
import org.ablebatch.core.finding.FindingKind;
import org.ablebatch.core.finding.Inspection;
import org.ablebatch.core.finding.Mend;
import org.ablebatch.core.finding.Spot;
import org.ablebatch.core.finding.Suspicion;
import org.ablebatch.core.mend.EdgeEdit;
import org.ablebatch.core.mend.LimitedEdit;
import org.ablebatch.core.mend.Mode;
import org.ablebatch.core.mend.SettleEdit;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.stroke.StrokePoint;

/** Every mend that can be thought of for what was found in a cutout. */
final class Proposals {
  /** An outline may move a little farther than it was measured to be off. */
  private static final double FIT_FARTHER = 1.5;

  private static final double LEAST_FIT_PX = 3;

  private final Inspection seen;
  private final Optional<Opinions> opinions;
  private final Doubts doubts;
  private final Reach reach;
  private final ChangeFacts facts;
  private final Said said;

  Proposals(Inspection seen, Optional<Opinions> opinions, Said said) {
    this.seen = seen;
    this.opinions = opinions;
    this.doubts = new Doubts(seen);
    this.reach = new Reach(seen);
    this.facts = new ChangeFacts(seen, opinions, doubts);
    this.said = said;
  }

  /**
   * Places that opinions differ about and no detector has found; what the finding weighs is for the
   * odds of its mend to say.
   *
   * @param suspicions that there are already
   */
  List<Suspicion> doubts(List<Suspicion> suspicions) {
    List<Suspicion> found = new ArrayList<>();
    for (Mode goes : opinions.isEmpty() ? new Mode[0] : Mode.values()) {
      List<Spot> known =
          suspicions.stream()
              .filter(one -> one.spot().isPresent() && goes == goes(one.finding().kind()))
              .map(one -> one.spot().get())
              .toList();
      for (Spot spot : doubts.places(opinions.get(), goes, known)) {
        found.add(Suspicion.at(spot, doubt(goes, spot)));
      }
    }
    return found;
  }

  private Finding doubt(Mode goes, Spot spot) {
    long pixels = seen.pixels(spot.area());
    return new Finding(
        goes == Mode.RESTORE ? FindingKind.COULD_BE_SUBJECT : FindingKind.COULD_BE_BACKDROP,
        seen.onPicture(spot.box()),
        pixels,
        0,
        String.format(
            Locale.ROOT,
            goes == Mode.RESTORE
                ? "%,d px were removed that another reading keeps"
                : "%,d px were kept that another reading removes",
            pixels));
  }

  /** The ways to mend it; none for what an edit can't mend. */
  List<Proposal> of(Suspicion suspicion) {
    Finding finding = suspicion.finding();
    Mode goes = goes(finding.kind());
    if (goes == null || suspicion.spot().isEmpty()) {
      return finding.kind() == FindingKind.FRINGE || finding.kind() == FindingKind.RAGGED_EDGE
          ? List.of(alongTheEdge(finding))
          : List.of();
    }
    Spot place = suspicion.spot().get();
    List<Proposal> out = new ArrayList<>();
    for (Change change : List.of(reach.asItHangs(place, goes), reach.asSeen(place, goes))) {
      if (!change.isEmpty() && !said.speaksAgainst(goes, change.spot())) {
        out.add(
            new Proposal(
                finding,
                goes == Mode.RESTORE ? Mend.Goes.BACK : Mend.Goes.AWAY,
                new SettleEdit(goes, change.area(seen)),
                change.spot(),
                seen.pixels(change.spot().area()),
                facts.of(finding, place, change)));
      }
    }
    return out;
  }

  /** Null for what is not mended by bringing back or taking away. */
  static Mode goes(FindingKind kind) {
    return switch (kind) {
      case MISSING_PART, SUSPICIOUS_HOLE, COULD_BE_SUBJECT -> Mode.RESTORE;
      case LEFTOVER, SUPPORT, SHADOW, HAZE, STRAY_MARKS, UNOPENED_GAP, COULD_BE_BACKDROP ->
          Mode.ERASE;
      default -> null;
    };
  }

  /** The outline is fitted to the photograph's edge, or its colours are cleaned. */
  private Proposal alongTheEdge(Finding finding) {
    boolean colours = finding.kind() == FindingKind.FRINGE;
    Rect box = finding.box();
    Area area =
        Area.of(
            new Shape(
                Shape.Kind.BOX,
                List.of(
                    new StrokePoint(box.x(), box.y()),
                    new StrokePoint(box.right(), box.bottom()))));
    double fit = colours ? 0 : Math.max(LEAST_FIT_PX, FIT_FARTHER * finding.measured());
    Spot spot = band(box);
    Change change = new Change(Mode.ERASE, spot, false);
    return new Proposal(
        finding,
        Mend.Goes.ALONG,
        new LimitedEdit(
            area,
            new EdgeEdit(
                Math.min(EdgeEdit.MOST_FIT_PX, fit), 0, 0, 0, 0, 0, 0, 0, false, colours ? 1 : 0)),
        spot,
        seen.pixels(spot.area()),
        facts.of(finding, spot, change));
  }

  /** Where the outline runs in a box. */
  private Spot band(Rect box) {
    Rect grid = new Rect(0, 0, seen.width(), seen.height());
    Rect part = box.scaled(seen.picture().width(), seen.picture().height(), grid).intersect(grid);
    boolean[] mask = new boolean[part.width() * part.height()];
    for (int k = 0; k < mask.length; k++) {
      float cover = seen.cover()[seen.at(part, k)];
      mask[k] = cover > 0 && cover < 1;
    }
    return new Spot(part, mask);
  }
}

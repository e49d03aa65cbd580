package org.ablebatch.core.proposal;

import java.util.List;
import org.ablebatch.core.finding.Inspection;
import org.ablebatch.core.finding.Spot;
import org.ablebatch.core.hint.HintMarks;
import org.ablebatch.core.mend.HintEdit;
import org.ablebatch.core.mend.Mode;
import org.ablebatch.core.mend.SettleEdit;
import org.ablebatch.core.raster.Rect;

/**
 * What a person has said of a picture by hints. Nothing that the program proposes takes it back.
 */
final class Said {
  private static final double HALF = 0.5;

  private final Inspection seen;
  private final HintMarks marks;

  /** Of things that hints were about, the way that each pixel went; null = none of them was. */
  private final Mode[] settled;

  /**
   * @param hints oldest first
   */
  Said(List<HintEdit> hints, Inspection seen) {
    this.seen = seen;
    // Most pictures are cut without a word from anybody.
    boolean silent = hints.isEmpty();
    this.marks =
        silent
            ? HintMarks.NONE
            : HintMarks.of(
                hints.stream().map(HintEdit::hint).toList(),
                seen.width(),
                seen.height(),
                seen.picture());
    this.settled = new Mode[silent ? 0 : seen.size()];
    hints.forEach(hint -> hint.settling().ifPresent(this::settle));
  }

  private void settle(SettleEdit thing) {
    new OnGrid(thing.area(), seen).each(i -> settled[i] = thing.mode());
  }

  /** On the inspection's grid. */
  HintMarks marks() {
    return marks;
  }

  /**
   * Whether a change that nobody has asked for is against it: it holds a mark of the other side, or
   * most of it is of a thing that somebody has sent the other way.
   *
   * @param goes the way that the place would go
   */
  boolean speaksAgainst(Mode goes, Spot spot) {
    if (!marks.any()) {
      return false;
    }
    int other = 0;
    for (int k = 0; k < spot.mask().length; k++) {
      Mode went = spot.mask()[k] ? settled[seen.at(spot.box(), k)] : null;
      other += went != null && went != goes ? 1 : 0;
    }
    return other > HALF * spot.area() || isTakenBackBy(goes, spot);
  }

  /**
   * @param goes the way that the place would go
   */
  boolean isTakenBackBy(Mode goes, Spot spot) {
    boolean[] other = goes == Mode.RESTORE ? marks.backdrop() : marks.subject();
    Rect box = spot.box();
    for (int k = 0; k < spot.mask().length; k++) {
      if (spot.mask()[k] && other[seen.at(box, k)]) {
        return true;
      }
    }
    return false;
  }
}

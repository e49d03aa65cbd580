package org.ablebatch.core.mend;

import java.util.List;
import org.ablebatch.core.area.AreaMask;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.stroke.StrokeMask;

/**
 * Carries out edits. The same workpiece and edits give the same bytes, always: what was made by
 * hand is kept as data, and a cutout can be put together again at any time.
 */
public final class Mender {
  private final Means means;

  public Mender(Means means) {
    this.means = means;
  }

  /**
   * @param original the upright original, the cutout's size; unchanged
   * @param base the cutout to begin with; unchanged
   * @param edits oldest first; only those that are switched on
   */
  public Cutout replay(Picture original, Cutout base, List<Edit> edits) {
    Workpiece piece = new Workpiece(original, base);
    edits.forEach(edit -> apply(piece, edit));
    return piece.cutout();
  }

  /**
   * Changes the workpiece; when that fails, it is as before.
   *
   * @return what stood there before, in the smallest rectangle that holds all that has changed
   */
  public Patch apply(Workpiece piece, Edit edit) {
    if (edit instanceof LimitedEdit limited) {
      return limited(piece, limited);
    }
    Patch before = piece.copy(reach(piece, edit));
    try {
      carryOut(piece, edit);
    } catch (RuntimeException | OutOfMemoryError e) {
      piece.put(before);
      throw e;
    }
    return Changes.trimmed(before, piece);
  }

  /** The rectangle outside of which the edit changes nothing. */
  private static Rect reach(Workpiece piece, Edit edit) {
    Rect all = piece.bounds();
    if (edit instanceof BrushEdit brush) {
      return StrokeMask.reach(brush.stroke()).intersect(all);
    } else if (edit instanceof StrandEdit strand) {
      return StrokeMask.reach(strand.stroke()).intersect(all);
    } else if (edit instanceof HintEdit hinted) {
      return hinted
          .settling()
          .map(settle -> Settler.reach(piece, settle))
          .orElseGet(() -> HintSolver.reach(piece, hinted.hint()));
    } else if (edit instanceof SettleEdit settle) {
      return Settler.reach(piece, settle);
    } else if (edit instanceof TraceEdit trace) {
      return Tracer.reach(trace).intersect(all);
    }
    return all;
  }

  private void carryOut(Workpiece piece, Edit edit) {
    if (edit instanceof BrushEdit brush) {
      StrokeMask mask = StrokeMask.of(brush.stroke(), piece.width(), piece.height());
      if (brush.edgeAware()) {
        EdgeAwareBrush.paint(piece, brush, mask);
      } else {
        Brush.paint(piece, brush.mode(), mask);
      }
    } else if (edit instanceof StrandEdit strand) {
      StrandBrush.paint(
          piece, strand, StrokeMask.of(strand.stroke(), piece.width(), piece.height()));
    } else if (edit instanceof PickEdit pick) {
      ColourPick.carryOut(piece, pick);
    } else if (edit instanceof AreaEdit area) {
      AreaMask mask = AreaMask.of(area.area(), piece.width(), piece.height());
      Brush.paint(piece, area.mode(), mask.box(), mask.share());
    } else if (edit instanceof SettleEdit settle) {
      Settler.carryOut(piece, settle);
    } else if (edit instanceof HintEdit hinted) {
      hinted
          .settling()
          .ifPresentOrElse(
              settle -> {
                piece.hints().add(hinted.hint());
                Settler.carryOut(piece, settle);
                Brush.paint(
                    piece,
                    settle.mode(),
                    StrokeMask.of(hinted.core(), piece.width(), piece.height()));
              },
              () -> HintSolver.solve(piece, hinted.hint()));
    } else if (edit instanceof TraceEdit trace) {
      Tracer.draw(piece, trace);
    } else if (edit instanceof EdgeEdit edge) {
      EdgeWork.carryOut(piece, edge, piece.bounds());
    } else if (edit instanceof TakeEdit take) {
      Taking.carryOut(piece, means.versions().apply(take.versionId()), take.area());
    } else if (edit instanceof SubjectEdit subject) {
      SubjectInBox.carryOut(piece, subject, means.cutter());
    }
  }

  /** The edit as it is, and then what was before outside of the area, in proportion at its rim. */
  private Patch limited(Workpiece piece, LimitedEdit limited) {
    AreaMask mask = AreaMask.of(limited.area(), piece.width(), piece.height());
    Patch before;
    if (limited.edit() instanceof EdgeEdit edge) {
      before = piece.copy(mask.box());
      EdgeWork.carryOut(piece, edge, mask.box());
    } else {
      before = apply(piece, limited.edit());
    }
    Changes.keepInside(before, piece, mask);
    return Changes.trimmed(before, piece);
  }
}

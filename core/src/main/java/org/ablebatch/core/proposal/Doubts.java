package org.ablebatch.core.proposal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.ablebatch.core.cut.Opinions;
import org.ablebatch.core.finding.Inspection;
import org.ablebatch.core.finding.Spot;
import org.ablebatch.core.mend.Mode;
import org.ablebatch.core.raster.Components;
import org.ablebatch.core.raster.Morphology;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.raster.Rect;

/**
 * Places, large and connected, of which a second opinion is sure that they are on the other side.
 */
final class Doubts {
  private static final float WEIGHED_SAYS = 0.6f;
  private static final float GUESS_SAYS = 0.75f;
  private static final double LEAST_SHARE = 0.0006;
  private static final int MOST = 5;

  /** Opinions are coarse: what is narrower, as a share of the longer side, is no disagreement. */
  private static final double NARROWEST = 0.006;

  /** Two opinions about one place share so much of it. */
  static final double SAME_PLACE = 0.5;

  private final Inspection seen;

  Doubts(Inspection seen) {
    this.seen = seen;
  }

  /** Somebody else's view of the picture, and how sure it is to be before it counts. */
  private record View(Plane plane, float says) {}

  /**
   * @param goes restore = what may be missing, erase = what may be left over
   * @param known places that were found otherwise
   * @return the largest first
   */
  List<Spot> places(Opinions opinions, Mode goes, List<Spot> known) {
    List<View> views = new ArrayList<>();
    views.add(new View(opinions.weighed(), WEIGHED_SAYS));
    opinions.guess().ifPresent(plane -> views.add(new View(plane, GUESS_SAYS)));
    if (goes == Mode.RESTORE) {
      // Where it sees no person there may still be a thing.
      opinions.person().ifPresent(plane -> views.add(new View(plane, GUESS_SAYS)));
    }
    opinions.ways().forEach(way -> views.add(new View(way.kept(), 1)));
    List<Spot> found = new ArrayList<>();
    for (View view : views) {
      for (Spot spot : disagreements(view, goes)) {
        if (!isAmong(found, spot) && !isAmong(known, spot)) {
          found.add(spot);
        }
      }
    }
    found.sort(Comparator.comparingInt(Spot::area).reversed());
    return found.subList(0, Math.min(MOST, found.size()));
  }

  private List<Spot> disagreements(View view, Mode goes) {
    int w = view.plane().width();
    int h = view.plane().height();
    float[] set = new float[w * h];
    boolean restores = goes == Mode.RESTORE;
    for (int i = 0; i < set.length; i++) {
      float p = view.plane().values()[i];
      boolean other = restores ? p >= view.says() : p <= 1 - view.says();
      set[i] = other && seen.kept()[onGrid(view.plane(), i)] != restores ? 1 : 0;
    }
    int radius = (int) Math.max(1, Math.round(NARROWEST * Math.max(w, h)));
    float[] wide = Morphology.open(set, w, h, radius);
    boolean[] places = new boolean[set.length];
    for (int i = 0; i < places.length; i++) {
      places[i] = wide[i] > 0;
    }
    Components parts = Components.of(places, w, h, false);
    List<Spot> out = new ArrayList<>();
    for (int k = 0; k < parts.regions().size(); k++) {
      Components.Region region = parts.regions().get(k);
      if (region.area() >= LEAST_SHARE * w * h) {
        out.add(enlarged(Spot.of(parts.labels(), w, k + 1, region), view.plane(), restores));
      }
    }
    return out;
  }

  /** The pixel of the inspection's grid in the middle of one of an opinion's. */
  private int onGrid(Plane plane, int i) {
    int x = (int) ((i % plane.width() + 0.5) * seen.width() / plane.width());
    int y = (int) ((i / plane.width() + 0.5) * seen.height() / plane.height());
    return y * seen.width() + x;
  }

  /** A place of an opinion's grid on the inspection's, without what is on that side there. */
  private Spot enlarged(Spot spot, Plane plane, boolean restores) {
    Rect grid = new Rect(0, 0, seen.width(), seen.height());
    Rect box = spot.box().scaled(plane.width(), plane.height(), grid).intersect(grid);
    boolean[] mask = new boolean[box.width() * box.height()];
    for (int k = 0; k < mask.length; k++) {
      int i = seen.at(box, k);
      int j = cell(plane, i);
      int x = j % plane.width();
      int y = j / plane.width();
      mask[k] =
          seen.kept()[i] != restores
              && x >= spot.box().x()
              && y >= spot.box().y()
              && x < spot.box().right()
              && y < spot.box().bottom()
              && spot.holds(x, y);
    }
    return new Spot(box, mask);
  }

  /** The cell of an opinion's grid that a pixel of the inspection's lies in. */
  int cell(Plane plane, int i) {
    if (plane.width() == seen.width() && plane.height() == seen.height()) {
      return i;
    }
    int x = i % seen.width() * plane.width() / seen.width();
    int y = i / seen.width() * plane.height() / seen.height();
    return y * plane.width() + x;
  }

  /** An opinion's value at a pixel of the inspection's grid. */
  float at(Plane plane, int i) {
    return plane.values()[cell(plane, i)];
  }

  private static boolean isAmong(List<Spot> spots, Spot one) {
    return spots.stream().anyMatch(other -> one.overlap(other) > SAME_PLACE);
  }
}

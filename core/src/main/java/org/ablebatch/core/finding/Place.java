package org.ablebatch.core.finding;

import java.util.ArrayList;
import java.util.List;
import org.ablebatch.core.raster.Components;
import org.ablebatch.core.raster.Morphology;
import org.ablebatch.core.raster.Rect;

/**
 * One connected place of suspicious pixels, with what is seen in it and around it.
 *
 * @param box on the grid
 * @param area grid pixels
 * @param evidence mean, see {@link Inspection}
 * @param shade mean
 * @param cover mean
 * @param spread mean variation of the backdrop there
 * @param contactEdge mean colour gradient where it meets what is kept
 * @param spot its pixels
 */
record Place(
    Rect box,
    int area,
    double evidence,
    double shade,
    double cover,
    double spread,
    double contactEdge,
    Spot spot) {
  private static final int AROUND = 2;

  /**
   * @param set suspicious pixels
   * @param leastArea smaller places are noise
   */
  static List<Place> in(Inspection seen, boolean[] set, int leastArea) {
    Components parts = Components.of(set, seen.width(), seen.height(), true);
    List<Place> places = new ArrayList<>();
    for (int k = 0; k < parts.regions().size(); k++) {
      Components.Region region = parts.regions().get(k);
      if (region.area() >= leastArea) {
        places.add(of(seen, parts.labels(), k + 1, region));
      }
    }
    return places;
  }

  private static Place of(Inspection seen, int[] labels, int label, Components.Region region) {
    int w = seen.width();
    Rect frame = new Rect(0, 0, w, seen.height());
    Rect part = region.box().grow(AROUND).intersect(frame);
    boolean[] mask = new boolean[part.width() * part.height()];
    double evidence = 0;
    double shade = 0;
    double cover = 0;
    double spread = 0;
    for (int k = 0; k < mask.length; k++) {
      int i = index(part, k, w);
      if (labels[i] == label) {
        mask[k] = true;
        evidence += seen.evidence()[i];
        shade += seen.shade()[i];
        cover += seen.cover()[i];
        spread += seen.spread()[i];
      }
    }
    boolean[] grown = Morphology.dilate(mask, part.width(), part.height(), AROUND);
    int contact = 0;
    double contactEdge = 0;
    for (int k = 0; k < mask.length; k++) {
      int i = index(part, k, w);
      if (grown[k] && !mask[k] && seen.kept()[i]) {
        contact++;
        contactEdge += seen.edges()[i];
      }
    }
    int n = region.area();
    Rect box = region.box();
    return new Place(
        box,
        n,
        evidence / n,
        shade / n,
        cover / n,
        spread / n,
        contactEdge / Math.max(1, contact),
        Spot.of(labels, w, label, region));
  }

  /** The pixels of several. */
  static Spot together(List<Place> places) {
    Rect box = places.stream().map(Place::box).reduce(Rect::span).orElseThrow();
    Spot all = new Spot(box, new boolean[box.width() * box.height()]);
    for (Place place : places) {
      new Spot(place.box.moved(-box.x(), -box.y()), place.spot.mask())
          .addTo(all.mask(), box.width());
    }
    return all;
  }

  private static int index(Rect part, int k, int width) {
    return (part.y() + k / part.width()) * width + part.x() + k % part.width();
  }
}

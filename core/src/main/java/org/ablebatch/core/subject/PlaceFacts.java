package org.ablebatch.core.subject;

import org.ablebatch.core.backdrop.Backdrop;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Components;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.scene.Scene;

/**
 * What is measured of one calm, backdrop-coloured place and of what surrounds it.
 *
 * @param area pixels
 * @param otherness mean distance from the backdrop's colour, see {@link BackdropLikeness}
 * @param shade mean position on the ray to black, 1 = as lit as the backdrop
 * @param spread standard deviation of the shade
 * @param chroma mean chroma of the backdrop there, OKLab
 * @param outerShare share of the rim behind which the border's backdrop begins
 * @param subjectShare share of the rim near which there is sure subject
 * @param rimSpread standard deviation of the subject's colours just beyond the rim, OKLab
 * @param guess mean of the learned guess at the subject, 0..1; one half without a prior
 */
record PlaceFacts(
    int area,
    double otherness,
    double shade,
    double spread,
    double chroma,
    double outerShare,
    double subjectShare,
    double rimSpread,
    double guess) {

  /** One entry per label; entry 0 means nothing. */
  static PlaceFacts[] of(Components places, BackdropLikeness likeness, Scene scene) {
    Sums[] sums = new Sums[places.regions().size() + 1];
    for (int label = 0; label < sums.length; label++) {
      sums[label] = new Sums();
    }
    Rim rim = new Rim(places, likeness, scene.lab());
    float[] guess = scene.subjectPrior().map(Plane::values).orElse(null);
    for (int i = 0; i < places.labels().length; i++) {
      int label = places.labels()[i];
      if (label > 0) {
        sums[label].add(i, likeness, scene.backdrop());
        sums[label].guess += guess == null ? 0.5 : guess[i];
        rim.look(i, label, sums[label]);
      }
    }
    PlaceFacts[] facts = new PlaceFacts[sums.length];
    for (int label = 0; label < sums.length; label++) {
      facts[label] = sums[label].facts();
    }
    return facts;
  }

  /** Running sums of one place. */
  private static final class Sums {
    private int area;
    private double otherness;
    private double shade;
    private double shadeSquared;
    private double chroma;
    private double guess;
    private int rim;
    private int outer;
    private int subject;
    private int rimColours;
    private final double[] colour = new double[3];
    private double colourSquared;

    void add(int i, BackdropLikeness likeness, Backdrop backdrop) {
      double s = likeness.shade()[i];
      area++;
      otherness += likeness.otherness()[i];
      shade += s;
      shadeSquared += s * s;
      chroma += Math.hypot(backdrop.surface().c1()[i], backdrop.surface().c2()[i]);
    }

    PlaceFacts facts() {
      double mean = shade / Math.max(1, area);
      double edge = Math.max(1.0, rim);
      return new PlaceFacts(
          area,
          otherness / Math.max(1, area),
          mean,
          Math.sqrt(Math.max(0, shadeSquared / Math.max(1, area) - mean * mean)),
          chroma / Math.max(1, area),
          outer / edge,
          subject / edge,
          rimSpread(),
          guess / Math.max(1, area));
    }

    private double rimSpread() {
      double n = Math.max(1, rimColours);
      double variance = colourSquared / n;
      for (double sum : colour) {
        variance -= sum / n * (sum / n);
      }
      return Math.sqrt(Math.max(0, variance));
    }
  }

  /** Looks outwards from the rim of places. */
  private static final class Rim {
    /** Pixels beyond the rim at which the other side of a thin wall would show. */
    private static final int WALL = 7;

    /** Pixels beyond the rim where the edge is over and the neighbour's own colour shows. */
    private static final int NEIGHBOUR = 5;

    /** The caster of a shadow may be thin, or a little way off behind its own soft edge. */
    private static final int CASTER_REACH = 12;

    private static final int[][] SIDES = {{1, 0}, {-1, 0}, {0, 1}, {0, -1}};

    private final Components places;
    private final BackdropLikeness likeness;
    private final ColorPlanes lab;

    Rim(Components places, BackdropLikeness likeness, ColorPlanes lab) {
      this.places = places;
      this.likeness = likeness;
      this.lab = lab;
    }

    void look(int i, int label, Sums sums) {
      for (int[] side : SIDES) {
        int next = at(i, side, 1);
        if (next >= 0 && places.labels()[next] == label) {
          continue;
        }
        sums.rim++;
        sums.subject += meetsSubject(i, side) ? 1 : 0;
        int beyond = at(i, side, WALL);
        if (beyond >= 0 && likeness.markers()[beyond] == BackdropLikeness.BACKDROP) {
          sums.outer++;
        }
        addColour(at(i, side, NEIGHBOUR), sums);
      }
    }

    private void addColour(int i, Sums sums) {
      if (i >= 0 && likeness.markers()[i] == BackdropLikeness.SUBJECT) {
        sums.rimColours++;
        for (int c = 0; c < 3; c++) {
          double v = lab.channel(c)[i];
          sums.colour[c] += v;
          sums.colourSquared += v * v;
        }
      }
    }

    private boolean meetsSubject(int i, int[] side) {
      for (int step = 1; step <= CASTER_REACH; step++) {
        int there = at(i, side, step);
        if (there < 0) {
          return false;
        }
        if (likeness.markers()[there] == BackdropLikeness.SUBJECT) {
          return true;
        }
      }
      return false;
    }

    /** The pixel some steps to one side; -1 outside the picture. */
    private int at(int i, int[] side, int steps) {
      int x = i % lab.width() + steps * side[0];
      int y = i / lab.width() + steps * side[1];
      return x < 0 || y < 0 || x >= lab.width() || y >= lab.height() ? -1 : y * lab.width() + x;
    }
  }
}

package org.ablebatch.core.judge;

import java.util.List;
import java.util.Optional;
import org.ablebatch.core.raster.BoxBlur;
import org.ablebatch.core.raster.Components;
import org.ablebatch.core.subject.EvidencePlane;
import org.ablebatch.core.subject.SubjectRegion;
import org.ablebatch.core.subject.Weighed;

/**
 * A region in numbers: how it agrees with the guesses, what the evidence is inside and outside of
 * it, whether its outline lies on edges, what is in focus, and how it meets the frame. All at half
 * the reading size.
 */
public final class RegionFacts {
  private static final int RIM = 3;
  private static final float NOT_TRIED = -1;
  private static final float UNLIKELY = 0.2f;
  private static final float LIKELY = 0.8f;
  private static final float ON_AN_EDGE = -0.6f;
  private static final float BACKDROP_LIKE = -0.75f;
  private static final float CLEARLY_OTHER = -0.375f;

  private final int width;
  private final int height;
  private final boolean[] inside;
  private final float[] near;
  private final Weighed weighed;
  private final List<Float> facts = new java.util.ArrayList<>();

  private RegionFacts(SubjectRegion region, Weighed weighed) {
    this.width = weighed.half().width();
    this.height = weighed.half().height();
    this.weighed = weighed;
    this.inside = region.subject();
    float[] set = new float[inside.length];
    for (int i = 0; i < inside.length; i++) {
      set[i] = inside[i] ? 1 : 0;
    }
    this.near = BoxBlur.blur(set, width, height, RIM);
  }

  /**
   * @param region at half the reading size
   * @param way number of the way that found the region, 0..
   * @param ways so many there are
   * @return always as many numbers, in the same order
   */
  public static float[] of(SubjectRegion region, Weighed weighed, int way, int ways) {
    RegionFacts all = new RegionFacts(region, weighed);
    for (int i = 0; i < ways; i++) {
      all.add(i == way ? 1 : 0);
    }
    all.agreement(weighed.half().values(), p -> p);
    for (EvidencePlane guess : EvidencePlane.GUESSES) {
      all.agreement(all.plane(guess), v -> (v + 1) / 2);
    }
    all.shape();
    all.outline();
    for (EvidencePlane plane :
        List.of(
            EvidencePlane.OTHERNESS,
            EvidencePlane.SHADE,
            EvidencePlane.REACHED,
            EvidencePlane.COLOURS,
            EvidencePlane.FINE_DETAIL,
            EvidencePlane.COARSE_DETAIL)) {
      all.insideAndOutside(all.plane(plane));
    }
    all.likeBackdrop();
    all.glass();
    for (EvidencePlane whole : EvidencePlane.OF_THE_WHOLE) {
      all.add(all.plane(whole)[0]);
    }
    float[] out = new float[all.facts.size()];
    for (int i = 0; i < out.length; i++) {
      out[i] = all.facts.get(i);
    }
    return out;
  }

  /**
   * @param tried what every way found, on the same grid; empty for those that were not tried
   * @return overlap with each, 0..1, and -1 for those that were not tried
   */
  public static float[] overlaps(SubjectRegion region, List<Optional<SubjectRegion>> tried) {
    float[] out = new float[tried.size()];
    for (int i = 0; i < out.length; i++) {
      out[i] = tried.get(i).map(other -> (float) region.overlap(other)).orElse(NOT_TRIED);
    }
    return out;
  }

  private interface Reading {
    float of(float value);
  }

  private float[] plane(EvidencePlane which) {
    return weighed.evidence().get(which.ordinal()).values();
  }

  private void add(double fact) {
    facts.add((float) fact);
  }

  /**
   * With a guess: the soft overlap, what was kept against it and left out against it, its doubt.
   */
  private void agreement(float[] values, Reading reading) {
    double both = 0;
    double either = 1e-6;
    double against = 0;
    double missed = 0;
    double likely = 1e-6;
    double kept = 1e-6;
    double doubt = 0;
    for (int i = 0; i < values.length; i++) {
      float p = reading.of(values[i]);
      both += inside[i] ? p : 0;
      either += inside[i] ? 1 : p;
      kept += inside[i] ? 1 : 0;
      against += inside[i] && p < UNLIKELY ? 1 : 0;
      likely += p > LIKELY ? 1 : 0;
      missed += !inside[i] && p > LIKELY ? 1 : 0;
      doubt += 4 * p * (1 - p);
    }
    add(both / either);
    add(against / kept);
    add(missed / likely);
    add(doubt / either);
  }

  private void shape() {
    int area = 0;
    int touched = 0;
    int[] side = new int[4];
    for (int i = 0; i < inside.length; i++) {
      if (inside[i]) {
        int x = i % width;
        int y = i / width;
        area++;
        side[0] += y == 0 ? 1 : 0;
        side[1] += y == height - 1 ? 1 : 0;
        side[2] += x == 0 ? 1 : 0;
        side[3] += x == width - 1 ? 1 : 0;
      }
    }
    touched = side[0] + side[1] + side[2] + side[3];
    add(area / (double) inside.length);
    add(touched / (2.0 * (width + height)));
    add(side[0] / (double) width);
    add(side[1] / (double) width);
    add(Math.max(side[2], side[3]) / (double) height);
    List<Components.Region> parts = Components.of(inside, width, height, true).regions();
    add(Math.log(1 + parts.size()));
    add(
        parts.stream().mapToInt(Components.Region::area).max().orElse(0)
            / (double) Math.max(1, area));
    add(openings() / Math.max(1.0, area));
  }

  /** Pixels outside that the region encloses. */
  private double openings() {
    boolean[] outside = new boolean[inside.length];
    for (int i = 0; i < outside.length; i++) {
      outside[i] = !inside[i];
    }
    int enclosed = 0;
    for (Components.Region part : Components.of(outside, width, height, false).regions()) {
      boolean atBorder =
          part.box().x() == 0
              || part.box().y() == 0
              || part.box().right() == width
              || part.box().bottom() == height;
      enclosed += atBorder ? 0 : part.area();
    }
    return enclosed;
  }

  private void outline() {
    float[] edges = plane(EvidencePlane.EDGES);
    int length = 0;
    int onEdge = 0;
    double sum = 0;
    int area = 0;
    for (int y = 0; y + 1 < height; y++) {
      for (int x = 0; x + 1 < width; x++) {
        int i = y * width + x;
        area += inside[i] ? 1 : 0;
        if (inside[i] != inside[i + 1] || inside[i] != inside[i + width]) {
          length++;
          sum += edges[i];
          onEdge += edges[i] > ON_AN_EDGE ? 1 : 0;
        }
      }
    }
    add(length == 0 ? 0 : sum / length);
    add(length == 0 ? 0 : onEdge / (double) length);
    add(length / Math.sqrt(Math.max(1, area)));
  }

  /** Means of a plane: inside, outside, and along the outline on either side of it. */
  private void insideAndOutside(float[] values) {
    double[] sum = new double[4];
    double[] count = {1e-6, 1e-6, 1e-6, 1e-6};
    for (int i = 0; i < values.length; i++) {
      int where = inside[i] ? 0 : 1;
      sum[where] += values[i];
      count[where]++;
      if (near[i] > 0.01f && near[i] < 0.99f) {
        sum[2 + where] += values[i];
        count[2 + where]++;
      }
    }
    for (int k = 0; k < 4; k++) {
      add(sum[k] / count[k]);
    }
  }

  /** What speaks for a body that its surroundings show through. */
  private void glass() {
    float[] guess = plane(EvidencePlane.SUBJECT_PRIOR);
    float[] shade = plane(EvidencePlane.SHADE);
    double body = 1e-6;
    double left = 0;
    double sum = 0;
    double squares = 0;
    for (int i = 0; i < guess.length; i++) {
      if (guess[i] > 0 && !inside[i]) {
        left++;
        sum += shade[i];
        squares += shade[i] * shade[i];
      }
      body += guess[i] > 0 ? 1 : 0;
    }
    double mean = sum / Math.max(1, left);
    add(left / body);
    add(mean);
    add(Math.sqrt(Math.max(0, squares / Math.max(1, left) - mean * mean)));
    add(weighed.alikeInside());
  }

  private void likeBackdrop() {
    float[] otherness = plane(EvidencePlane.OTHERNESS);
    double kept = 1e-6;
    double like = 0;
    double left = 1e-6;
    double other = 0;
    for (int i = 0; i < otherness.length; i++) {
      if (inside[i]) {
        kept++;
        like += otherness[i] < BACKDROP_LIKE ? 1 : 0;
      } else {
        left++;
        other += otherness[i] > CLEARLY_OTHER ? 1 : 0;
      }
    }
    add(like / kept);
    add(other / left);
  }
}

package org.ablebatch.core.proposal;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.ablebatch.core.cut.Opinions;
import org.ablebatch.core.finding.Finding;
import org.ablebatch.core.finding.Inspection;
import org.ablebatch.core.finding.Spot;
import org.ablebatch.core.mend.Mode;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.subject.EvidencePlane;

/**
 * What can be seen of a change, as numbers that its odds are learned from. The order is what was
 * learned; new ones go to the end. What nobody has an opinion of is {@value #NOBODY}.
 */
final class ChangeFacts {
  private static final float NOBODY = -1;
  private static final float HALF = 0.5f;
  private static final double[] NOTHING = {NOBODY, NOBODY};
  private static final double LEAST_SHARE = 1e-6;
  private static final int MOST_SAMPLES = 3_000;

  private final Inspection seen;
  private final Optional<Opinions> opinions;
  private final Doubts doubts;
  private final double keptShare;
  private final double atOdds;
  private final double[] guessed;
  private final double[] weighed;
  private final double[] detail;

  ChangeFacts(Inspection seen, Optional<Opinions> opinions, Doubts doubts) {
    this.seen = seen;
    this.opinions = opinions;
    this.doubts = doubts;
    this.keptShare = seen.keptArea() / (double) seen.size();
    this.atOdds = opinions.map(all -> atOdds(all.weighed())).orElse((double) NOBODY);
    this.guessed = opinions.flatMap(Opinions::guess).map(this::onBothSides).orElse(NOTHING);
    this.weighed = opinions.map(all -> onBothSides(all.weighed())).orElse(NOTHING);
    this.detail =
        opinions
            .map(all -> onBothSides(all.evidence().get(EvidencePlane.FINE_DETAIL.ordinal())))
            .orElse(NOTHING);
  }

  /** What an opinion is on average of what is kept, and of what was removed. */
  private double[] onBothSides(Plane opinion) {
    double[] sum = new double[2];
    int[] count = {1, 1};
    for (int i = 0; i < seen.size(); i++) {
      int side = seen.kept()[i] ? 0 : 1;
      sum[side] += doubts.at(opinion, i);
      count[side]++;
    }
    return new double[] {sum[0] / count[0], sum[1] / count[1]};
  }

  /** How far the whole cutout is from what all evidence together says. */
  private double atOdds(Plane weighed) {
    double sum = 0;
    for (int i = 0; i < seen.size(); i++) {
      sum += Math.abs(doubts.at(weighed, i) - (seen.kept()[i] ? 1 : 0));
    }
    return sum / seen.size();
  }

  float[] of(Finding finding, Spot place, Change change) {
    int area = change.spot().area();
    Sample spot = new Sample(change.spot(), area);
    Rect box = change.spot().box();
    Rim rim = Rim.of(seen, change);
    List<Opinions.Way> ways = opinions.map(Opinions::ways).orElse(List.of());
    Facts facts = new Facts();
    facts.add(change.goes() == Mode.RESTORE ? 1 : 0);
    facts.add(change.hangsTogether() ? 1 : 0);
    facts.add(finding.kind().ordinal());
    facts.add(finding.severity());
    facts.addShare(area, seen.size());
    facts.addShare(area, seen.keptArea());
    facts.addShare(area, place.area());
    facts.addShare(place.area(), seen.size());
    facts.add(area / (double) (box.width() * box.height()));
    facts.add(box.touches(seen.width(), seen.height()) ? 1 : 0);
    facts.add(mean(spot, seen.evidence()));
    facts.add(mean(spot, seen.cover()));
    facts.add(mean(spot, seen.shade()));
    facts.add(mean(spot, seen.spread()));
    facts.add(mean(spot, seen.other()));
    facts.add(mean(spot, seen.edges()));
    facts.add(rim.joined());
    facts.add(rim.joinedEdge());
    facts.add(rim.freeEdge());
    facts.add(mean(spot, opinions.map(Opinions::weighed)));
    facts.add(mean(spot, opinions.flatMap(Opinions::guess)));
    facts.add(mean(spot, opinions.flatMap(Opinions::person)));
    facts.add(saying(spot, opinions.map(Opinions::weighed), change.goes()));
    facts.add(saying(spot, opinions.flatMap(Opinions::guess), change.goes()));
    facts.add(waysMean(spot, ways));
    facts.add(leastError(spot, ways, change.goes() == Mode.RESTORE));
    facts.add(leastError(spot, ways, change.goes() != Mode.RESTORE));
    facts.add(ways.size());
    facts.add(keptShare);
    facts.add(atOdds);
    facts.add(guessed[0]);
    facts.add(guessed[1]);
    facts.add(weighed[0]);
    facts.add(weighed[1]);
    facts.add(detail[0]);
    facts.add(detail[1]);
    facts.add(seen.expectations().seeThrough() ? 1 : 0);
    facts.add(seen.expectations().strokes() ? 1 : 0);
    for (EvidencePlane kind : EvidencePlane.values()) {
      facts.add(mean(spot, opinions.map(all -> all.evidence().get(kind.ordinal()))));
    }
    return facts.all();
  }

  /** A list of numbers that grows. */
  private static final class Facts {
    private float[] values = new float[64];
    private int size;

    void add(double value) {
      if (size == values.length) {
        values = Arrays.copyOf(values, 2 * size);
      }
      values[size++] = (float) value;
    }

    /** Decades of one area beside another. */
    void addShare(double area, double of) {
      add(Math.log10(Math.max(LEAST_SHARE, area / Math.max(1, of))));
    }

    float[] all() {
      return Arrays.copyOf(values, size);
    }
  }

  /** On what share of a place an opinion is on the side that it would go to. */
  private double saying(Sample spot, Optional<Plane> opinion, Mode goes) {
    return opinion
        .map(plane -> mean(spot, i -> doubts.at(plane, i) > HALF == (goes == Mode.RESTORE) ? 1 : 0))
        .orElse(NOBODY);
  }

  /** What share of the ways that competed would keep the place. */
  private double waysMean(Sample spot, List<Opinions.Way> ways) {
    return ways.stream()
        .mapToDouble(way -> mean(spot, i -> doubts.at(way.kept(), i)))
        .average()
        .orElse(NOBODY);
  }

  /** The least error that is expected of a way that keeps most of the place, or does not. */
  private double leastError(Sample spot, List<Opinions.Way> ways, boolean keeping) {
    return ways.stream()
        .filter(way -> mean(spot, i -> doubts.at(way.kept(), i)) > HALF == keeping)
        .mapToDouble(Opinions.Way::expectedError)
        .min()
        .orElse(NOBODY);
  }

  private interface Value {
    float at(int i);
  }

  /** Pixels of a change, at most so many, evenly picked: means don't need more. */
  private final class Sample {
    private final int[] pixels;
    private final int size;

    Sample(Spot spot, int area) {
      int step = 1 + area / MOST_SAMPLES;
      pixels = new int[area / step + 1];
      Rect box = spot.box();
      int count = 0;
      int used = 0;
      for (int k = 0; k < spot.mask().length; k++) {
        if (spot.mask()[k] && count++ % step == 0) {
          pixels[used++] = seen.at(box, k);
        }
      }
      size = used;
    }
  }

  private static float mean(Sample spot, Value value) {
    double sum = 0;
    for (int k = 0; k < spot.size; k++) {
      sum += value.at(spot.pixels[k]);
    }
    return spot.size == 0 ? 0 : (float) (sum / spot.size);
  }

  private float mean(Sample spot, float[] plane) {
    return mean(spot, i -> plane[i]);
  }

  private float mean(Sample spot, Optional<Plane> opinion) {
    return opinion.map(plane -> mean(spot, i -> doubts.at(plane, i))).orElse(NOBODY);
  }

  /**
   * The rim of a change.
   *
   * @param joined share of it that lies beside the side that the change goes to
   * @param joinedEdge mean gradient of colour there: faint where the photograph goes on
   * @param freeEdge mean gradient along the rest, which would become the outline
   */
  private record Rim(float joined, float joinedEdge, float freeEdge) {

    static Rim of(Inspection seen, Change change) {
      Rect box = change.spot().box();
      int[] count = new int[2];
      double[] edge = new double[2];
      for (int y = box.y(); y < box.bottom(); y++) {
        for (int x = box.x(); x < box.right(); x++) {
          if (change.spot().holds(x, y)) {
            beside(seen, change, x, y, 1, 0, count, edge);
            beside(seen, change, x, y, -1, 0, count, edge);
            beside(seen, change, x, y, 0, 1, count, edge);
            beside(seen, change, x, y, 0, -1, count, edge);
          }
        }
      }
      return new Rim(
          count[0] / (float) Math.max(1, count[0] + count[1]),
          (float) (edge[0] / Math.max(1, count[0])),
          (float) (edge[1] / Math.max(1, count[1])));
    }

    private static void beside(
        Inspection seen, Change change, int x, int y, int dx, int dy, int[] count, double[] edge) {
      Rect box = change.spot().box();
      int u = x + dx;
      int v = y + dy;
      if (u < 0 || v < 0 || u >= seen.width() || v >= seen.height()) {
        return;
      }
      boolean inBox = u >= box.x() && v >= box.y() && u < box.right() && v < box.bottom();
      if (inBox && change.spot().holds(u, v)) {
        return;
      }
      int j = v * seen.width() + u;
      int side = seen.kept()[j] == (change.goes() == Mode.RESTORE) ? 0 : 1;
      count[side]++;
      edge[side] += Math.max(seen.edges()[j], seen.edges()[y * seen.width() + x]);
    }
  }
}

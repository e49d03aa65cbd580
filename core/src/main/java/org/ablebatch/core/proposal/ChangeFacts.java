package org.ablebatch.core.proposal;

import java.util.List;
import java.util.Optional;
import org.ablebatch.core.cut.Opinions;
import org.ablebatch.core.finding.Finding;
import org.ablebatch.core.finding.Inspection;
import org.ablebatch.core.finding.Spot;
import org.ablebatch.core.mend.Mode;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.raster.Rect;

/**
 * What can be seen of a change, as numbers that its odds are learned from. The order is what was
 * learned; new ones go to the end. What nobody has an opinion of is {@value #NOBODY}.
 */
final class ChangeFacts {
  private static final float NOBODY = -1;
  private static final double[] NOTHING = {NOBODY, NOBODY};
  private static final double LEAST_SHARE = 1e-6;

  private final Inspection seen;
  private final Optional<Opinions> opinions;
  private final Doubts doubts;
  private final double keptShare;
  private final double atOdds;
  private final double[] guessed;
  private final double[] weighed;

  ChangeFacts(Inspection seen, Optional<Opinions> opinions, Doubts doubts) {
    this.seen = seen;
    this.opinions = opinions;
    this.doubts = doubts;
    this.keptShare = seen.keptArea() / (double) seen.size();
    this.atOdds = opinions.map(all -> atOdds(all.weighed())).orElse((double) NOBODY);
    this.guessed = opinions.flatMap(Opinions::guess).map(this::onBothSides).orElse(NOTHING);
    this.weighed = opinions.map(all -> onBothSides(all.weighed())).orElse(NOTHING);
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
    Spot spot = change.spot();
    boolean back = change.goes() == Mode.RESTORE;
    int area = spot.area();
    Rim rim = Rim.of(seen, change);
    return new float[] {
      back ? 1 : 0,
      change.hangsTogether() ? 1 : 0,
      finding.kind().ordinal(),
      (float) finding.severity(),
      (float) Math.log10(Math.max(LEAST_SHARE, area / (double) seen.size())),
      (float) Math.log10(Math.max(LEAST_SHARE, area / Math.max(1.0, seen.keptArea()))),
      (float) Math.log10(Math.max(LEAST_SHARE, area / Math.max(1.0, place.area()))),
      mean(spot, seen.evidence()),
      mean(spot, seen.cover()),
      mean(spot, seen.shade()),
      mean(spot, seen.spread()),
      mean(spot, seen.other()),
      mean(spot, seen.edges()),
      rim.joined(),
      rim.joinedEdge(),
      rim.freeEdge(),
      area / (float) (spot.box().width() * spot.box().height()),
      mean(spot, opinions.map(Opinions::weighed)),
      mean(spot, opinions.flatMap(Opinions::guess)),
      mean(spot, opinions.flatMap(Opinions::person)),
      ways(spot, opinions.map(Opinions::ways).orElse(List.of())),
      opinions.map(all -> all.ways().size()).orElse(0),
      (float) keptShare,
      (float) atOdds,
      touches(spot.box()),
      seen.expectations().seeThrough() ? 1 : 0,
      seen.expectations().strokes() ? 1 : 0,
      (float) guessed[0],
      (float) guessed[1],
      (float) weighed[0],
      (float) weighed[1],
      (float) Math.log10(Math.max(LEAST_SHARE, place.area() / (double) seen.size())),
    };
  }

  private float touches(Rect box) {
    return box.touches(seen.width(), seen.height()) ? 1 : 0;
  }

  private interface Value {
    float at(int i);
  }

  private float mean(Spot spot, Value value) {
    Rect box = spot.box();
    double sum = 0;
    int count = 0;
    for (int k = 0; k < spot.mask().length; k++) {
      if (spot.mask()[k]) {
        sum += value.at((box.y() + k / box.width()) * seen.width() + box.x() + k % box.width());
        count++;
      }
    }
    return count == 0 ? 0 : (float) (sum / count);
  }

  private float mean(Spot spot, float[] plane) {
    return mean(spot, i -> plane[i]);
  }

  private float mean(Spot spot, Optional<Plane> opinion) {
    return opinion.map(plane -> mean(spot, i -> doubts.at(plane, i))).orElse(NOBODY);
  }

  /** What share of the ways that competed would keep the place. */
  private float ways(Spot spot, List<Plane> ways) {
    double sum = 0;
    for (Plane way : ways) {
      sum += mean(spot, i -> doubts.at(way, i));
    }
    return ways.isEmpty() ? NOBODY : (float) (sum / ways.size());
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

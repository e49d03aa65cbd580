package org.ablebatch.core.finding;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.ToDoubleFunction;
import org.ablebatch.core.raster.Components;
import org.ablebatch.core.raster.Rect;

/**
 * Holds the outline against the photograph, tile by tile: backdrop colour that is left in the edge,
 * and an outline that runs beside the photograph's own edge or wavers around it.
 */
final class EdgeDetector implements Detector {
  private static final int TILE = 28;
  private static final int LEAST_SAMPLES = 14;

  /** A shorter stretch of outline is not worth a look. */
  private static final int LEAST_LENGTH = 40;

  private static final double BACKDROP_SHARE = 0.42;
  private static final double LEAST_DELTA_E = 0.04;

  /** Grid pixels beside the photograph's edge. */
  private static final double BESIDE = 1.8;

  private static final double WAVERS = 1.3;

  @Override
  public List<Suspicion> find(Inspection seen) {
    int columns = (seen.width() + TILE - 1) / TILE;
    int rows = (seen.height() + TILE - 1) / TILE;
    List<List<EdgeProbe>> tiles = new ArrayList<>();
    for (int k = 0; k < columns * rows; k++) {
      tiles.add(new ArrayList<>());
    }
    for (EdgeProbe probe : EdgeProbe.along(seen)) {
      tiles.get(probe.y() / TILE * columns + probe.x() / TILE).add(probe);
    }
    List<Suspicion> found = new ArrayList<>();
    found.addAll(fringes(seen, tiles, columns, rows));
    found.addAll(offEdges(seen, tiles, columns, rows));
    return found;
  }

  private static List<Suspicion> fringes(
      Inspection seen, List<List<EdgeProbe>> tiles, int columns, int rows) {
    double[] deltaE = new double[tiles.size()];
    boolean[] bad = new boolean[tiles.size()];
    for (int k = 0; k < bad.length; k++) {
      List<EdgeProbe> tile = tiles.get(k).stream().filter(EdgeProbe::tells).toList();
      if (tile.size() >= LEAST_SAMPLES) {
        double share = median(tile, EdgeProbe::backdropShare);
        deltaE[k] = median(tile, EdgeProbe::backdropDeltaE);
        bad[k] = share > BACKDROP_SHARE && deltaE[k] > LEAST_DELTA_E;
      }
    }
    List<Suspicion> found = new ArrayList<>();
    for (TileGroup group : TileGroup.in(bad, columns, rows)) {
      if (group.probes(tiles) < LEAST_LENGTH) {
        continue;
      }
      double mean = group.mean(deltaE);
      int length = group.probes(tiles);
      found.add(
          Suspicion.of(
              new Finding(
                  FindingKind.FRINGE,
                  seen.onPicture(group.box(seen, TILE)),
                  100 * mean,
                  Severity.ramp(mean, 0.02, 0.14) * group.weight(tiles),
                  String.format(
                      Locale.ROOT,
                      "the edge holds backdrop colour, ΔE %.1f along %,d px",
                      100 * mean,
                      Math.round(length * (double) seen.picture().width() / seen.width())))));
    }
    return found;
  }

  private static List<Suspicion> offEdges(
      Inspection seen, List<List<EdgeProbe>> tiles, int columns, int rows) {
    double[] off = new double[tiles.size()];
    double[] wavers = new double[tiles.size()];
    boolean[] bad = new boolean[tiles.size()];
    for (int k = 0; k < bad.length; k++) {
      List<EdgeProbe> tile = tiles.get(k).stream().filter(EdgeProbe::hasEdge).toList();
      if (tile.size() >= LEAST_SAMPLES && tile.size() > 0.6 * tiles.get(k).size()) {
        double middle = median(tile, EdgeProbe::displacement);
        off[k] = middle;
        wavers[k] = median(tile, probe -> Math.abs(probe.displacement() - middle));
        bad[k] = Math.abs(middle) > BESIDE || wavers[k] > WAVERS;
      }
    }
    List<Suspicion> found = new ArrayList<>();
    for (TileGroup group : TileGroup.in(bad, columns, rows)) {
      if (group.probes(tiles) < LEAST_LENGTH) {
        continue;
      }
      double scale = (double) seen.picture().width() / seen.width();
      double beside = group.mean(off);
      double wavering = group.mean(wavers);
      boolean isBeside = Math.abs(beside) > wavering;
      double measured = isBeside ? Math.abs(beside) : wavering;
      found.add(
          Suspicion.of(
              new Finding(
                  FindingKind.RAGGED_EDGE,
                  seen.onPicture(group.box(seen, TILE)),
                  measured * scale,
                  Severity.ramp(measured, 0.6, 2.6) * group.weight(tiles),
                  sentence(isBeside, beside, measured * scale))));
    }
    return found;
  }

  private static String sentence(boolean isBeside, double beside, double px) {
    if (!isBeside) {
      return String.format(Locale.ROOT, "the outline wavers by %.1f px around the edge", px);
    }
    return String.format(
        Locale.ROOT,
        beside < 0
            ? "the outline runs %.1f px outside the photograph’s edge"
            : "the outline runs %.1f px inside the photograph’s edge",
        px);
  }

  private static double median(List<EdgeProbe> probes, ToDoubleFunction<EdgeProbe> value) {
    double[] all = probes.stream().mapToDouble(value).sorted().toArray();
    return all.length == 0 ? 0 : all[all.length / 2];
  }

  /** Bad tiles that lie side by side. */
  private record TileGroup(List<Integer> tiles, Rect grid) {
    private static final double MANY_PROBES = 120;

    static List<TileGroup> in(boolean[] bad, int columns, int rows) {
      Components parts = Components.of(bad, columns, rows, true);
      List<TileGroup> groups = new ArrayList<>();
      for (int label = 1; label <= parts.regions().size(); label++) {
        List<Integer> own = new ArrayList<>();
        for (int k = 0; k < bad.length; k++) {
          if (parts.labels()[k] == label) {
            own.add(k);
          }
        }
        groups.add(new TileGroup(own, parts.regions().get(label - 1).box()));
      }
      return groups;
    }

    double mean(double[] values) {
      return tiles.stream().mapToDouble(k -> values[k]).average().orElse(0);
    }

    int probes(List<List<EdgeProbe>> all) {
      return tiles.stream().mapToInt(k -> all.get(k).size()).sum();
    }

    double weight(List<List<EdgeProbe>> all) {
      return 0.5 + 0.5 * Severity.ramp(probes(all), 0, MANY_PROBES);
    }

    Rect box(Inspection seen, int tile) {
      return new Rect(grid.x() * tile, grid.y() * tile, grid.width() * tile, grid.height() * tile)
          .intersect(new Rect(0, 0, seen.width(), seen.height()));
    }
  }
}

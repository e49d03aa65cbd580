package org.ablebatch.bench.mending;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.ablebatch.bench.faults.Good;
import org.ablebatch.bench.faults.Planted;
import org.ablebatch.core.raster.Distance;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.stroke.Stroke;
import org.ablebatch.core.stroke.StrokePoint;

/**
 * What a hand sees of a fault: where the cutout differs from the good one, and the line through it
 * that a brush would follow.
 */
final class FaultShape {
  private static final int SEEN = 24;
  private static final int STATIONS = 9;

  /** A hand paints a little wider than what it means. */
  private static final double GENEROUS = 1.3;

  private static final int LEAST_PX = 8;

  private final Rect box;
  private final List<int[]> pixels = new ArrayList<>();

  private FaultShape(Rect box) {
    this.box = box;
  }

  static FaultShape of(Good good, Planted planted) {
    byte[] right = good.cutout().matte().coverage();
    byte[] wrong = planted.cutout().matte().coverage();
    int w = good.width();
    Rect box = null;
    List<int[]> pixels = new ArrayList<>();
    for (int i = 0; i < right.length; i++) {
      if (Math.abs((right[i] & 0xFF) - (wrong[i] & 0xFF)) > SEEN) {
        Rect pixel = new Rect(i % w, i / w, 1, 1);
        box = box == null ? pixel : box.span(pixel);
        pixels.add(new int[] {i % w, i / w});
      }
    }
    FaultShape shape = new FaultShape(box == null ? planted.place() : box);
    shape.pixels.addAll(pixels);
    return shape;
  }

  Rect box() {
    return box;
  }

  /** Where it is widest. */
  StrokePoint heart() {
    Rect frame = box.grow(1);
    boolean[] outside = new boolean[frame.width() * frame.height()];
    Arrays.fill(outside, true);
    for (int[] p : pixels) {
      outside[(p[1] - frame.y()) * frame.width() + p[0] - frame.x()] = false;
    }
    float[] depth = Distance.to(outside, frame.width(), frame.height());
    int deepest = 0;
    for (int i = 0; i < depth.length; i++) {
      deepest = depth[i] > depth[deepest] ? i : deepest;
    }
    return new StrokePoint(
        frame.x() + deepest % frame.width() + 0.5, frame.y() + deepest / frame.width() + 0.5);
  }

  /** One stroke along the fault's longer axis, wide enough for all of it. */
  Stroke stroke() {
    double mx = pixels.stream().mapToDouble(p -> p[0]).average().orElse(box.x());
    double my = pixels.stream().mapToDouble(p -> p[1]).average().orElse(box.y());
    double xx = 0;
    double xy = 0;
    double yy = 0;
    for (int[] p : pixels) {
      xx += (p[0] - mx) * (p[0] - mx);
      xy += (p[0] - mx) * (p[1] - my);
      yy += (p[1] - my) * (p[1] - my);
    }
    double angle = 0.5 * Math.atan2(2 * xy, xx - yy);
    double dx = Math.cos(angle);
    double dy = Math.sin(angle);
    double least = Double.MAX_VALUE;
    double most = -Double.MAX_VALUE;
    for (int[] p : pixels) {
      double along = (p[0] - mx) * dx + (p[1] - my) * dy;
      least = Math.min(least, along);
      most = Math.max(most, along);
    }
    double[] across = new double[STATIONS];
    int[] count = new int[STATIONS];
    for (int[] p : pixels) {
      int k = station((p[0] - mx) * dx + (p[1] - my) * dy, least, most);
      across[k] += (p[1] - my) * dx - (p[0] - mx) * dy;
      count[k]++;
    }
    double widest = 0;
    for (int[] p : pixels) {
      int k = station((p[0] - mx) * dx + (p[1] - my) * dy, least, most);
      double off = (p[1] - my) * dx - (p[0] - mx) * dy - across[k] / count[k];
      widest = Math.max(widest, Math.abs(off));
    }
    List<StrokePoint> way = new ArrayList<>();
    for (int k = 0; k < STATIONS; k++) {
      if (count[k] > 0) {
        double along = least + (k + 0.5) * (most - least) / STATIONS;
        double off = across[k] / count[k];
        way.add(
            new StrokePoint(mx + along * dx - off * dy + 0.5, my + along * dy + off * dx + 0.5));
      }
    }
    double size = Math.max(LEAST_PX, Math.min(Stroke.LARGEST_PX, 2 * GENEROUS * widest + 6));
    return new Stroke(size, 0.2, 1, way);
  }

  private static int station(double along, double least, double most) {
    double share = (along - least) / Math.max(1e-9, most - least);
    return (int) Math.min(STATIONS - 1.0, share * STATIONS);
  }
}

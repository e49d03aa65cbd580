package org.ablebatch.bench.mending;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.ablebatch.core.cut.CutOutcome;
import org.ablebatch.core.cut.CutProgress;
import org.ablebatch.core.cut.Cutter;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.mend.Means;
import org.ablebatch.core.mend.Mender;
import org.ablebatch.core.mend.StrandEdit;
import org.ablebatch.core.mend.Workpiece;
import org.ablebatch.core.prior.Priors;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.stroke.Stroke;
import org.ablebatch.core.stroke.StrokePoint;

/**
 * The strand brush on the engine's own cutouts: one short stroke over every place where much of the
 * exact matte is partly covered, and the matte error there before and after.
 */
final class StrandTable {
  private static final int SIDE = 60;
  private static final double FINE = 0.12;
  private static final int LEAST_PLACES = 10;

  private final Cutter cutter = new Cutter(Priors.none());
  private final Mender mender = new Mender(new Means(null, null));

  StrandTable() {
    System.out.println("| Picture | Places | Error before | Error after |");
    System.out.println("|---|---|---|---|");
  }

  void add(String name, Picture picture, Matte truth) {
    List<StrokePoint> places = places(truth);
    if (places.size() < LEAST_PLACES
        || !(cutter.cut(picture, Method.AUTO, CutProgress.NONE) instanceof CutOutcome.Done done)) {
      return;
    }
    double before = 0;
    double after = 0;
    for (StrokePoint at : places) {
      Workpiece piece = new Workpiece(picture, done.cutout());
      List<StrokePoint> way =
          List.of(
              new StrokePoint(at.x() - SIDE / 2.0, at.y()),
              new StrokePoint(at.x() + SIDE / 2.0, at.y()));
      mender.apply(piece, new StrandEdit(new Stroke(SIDE, 0.3, 1, way)));
      before += error(truth, done.cutout(), at);
      after += error(truth, piece.cutout(), at);
    }
    System.out.printf(
        Locale.ROOT,
        "| %s | %d | %.1f | %.1f |%n",
        name,
        places.size(),
        before / places.size(),
        after / places.size());
  }

  private static List<StrokePoint> places(Matte truth) {
    List<StrokePoint> places = new ArrayList<>();
    for (int y = SIDE; y < truth.height() - SIDE; y += SIDE) {
      for (int x = SIDE; x < truth.width() - SIDE; x += SIDE) {
        int fine = 0;
        for (int i = 0; i < SIDE * SIDE; i++) {
          int cover = truth.at(x - SIDE / 2 + i % SIDE, y - SIDE / 2 + i / SIDE);
          fine += cover > 20 && cover < 235 ? 1 : 0;
        }
        if (fine > FINE * SIDE * SIDE) {
          places.add(new StrokePoint(x, y));
        }
      }
    }
    return places;
  }

  /** Mean difference of coverage around a place, times 100. */
  private static double error(Matte truth, Cutout cutout, StrokePoint at) {
    long sum = 0;
    for (int i = 0; i < SIDE * SIDE; i++) {
      int x = (int) at.x() - SIDE / 2 + i % SIDE;
      int y = (int) at.y() - SIDE / 2 + i / SIDE;
      sum += Math.abs(truth.at(x, y) - cutout.matte().at(x, y));
    }
    return sum / (2.55 * SIDE * SIDE);
  }
}

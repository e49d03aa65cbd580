package org.ablebatch.core.finding;

import java.util.ArrayList;
import java.util.List;
import org.ablebatch.core.color.ColourTable;
import org.ablebatch.core.raster.Morphology;

/**
 * A support, a hand or a prop: a part of another colour that reaches the picture's border and hangs
 * on the subject by a narrow neck. Narrow parts are what an opening of the subject takes away.
 */
final class SupportDetector implements Detector {
  private static final double NARROW_SHARE = 0.03;
  private static final double LEAST_SHARE = 0.0015;
  private static final double ANOTHER_COLOUR = 1.2;
  private static final double MOST_OF_BODY = 0.4;

  @Override
  public List<Finding> find(Inspection seen) {
    int w = seen.width();
    int h = seen.height();
    int radius = Math.max(3, (int) (NARROW_SHARE * Math.max(w, h) / 2));
    float[] kept = new float[seen.size()];
    for (int i = 0; i < kept.length; i++) {
      kept[i] = seen.kept()[i] ? 1 : 0;
    }
    float[] body = Morphology.open(kept, w, h, radius);
    boolean[] thin = new boolean[kept.length];
    for (int i = 0; i < thin.length; i++) {
      thin[i] = kept[i] > 0 && body[i] == 0;
    }
    List<Finding> found = new ArrayList<>();
    for (Place place : Place.in(seen, thin, (int) (LEAST_SHARE * seen.keptArea()) + 1)) {
      if (place.atFrame() && place.area() < MOST_OF_BODY * seen.keptArea()) {
        finding(seen, place, thin, kept, found);
      }
    }
    return found;
  }

  private static void finding(
      Inspection seen, Place place, boolean[] thin, float[] kept, List<Finding> found) {
    double[] foreign = foreignness(seen, place, thin, kept);
    double sum = 0;
    int n = 0;
    for (int y = place.box().y(); y < place.box().bottom(); y++) {
      for (int x = place.box().x(); x < place.box().right(); x++) {
        int i = y * seen.width() + x;
        if (thin[i]) {
          sum += foreign[i];
          n++;
        }
      }
    }
    double another = sum / Math.max(1, n);
    if (another < ANOTHER_COLOUR) {
      return;
    }
    double share = place.area() / Math.max(1.0, seen.keptArea());
    found.add(
        new Finding(
            FindingKind.SUPPORT,
            seen.onPicture(place.box()),
            100 * share,
            Math.max(0.35, Severity.of(Severity.ramp(another, 0.8, 3), share)),
            "a narrow part of another colour leads from the subject to the border"));
  }

  /** How seldom a pixel's colour is in the rest of the subject: log of the ratio to common. */
  private static double[] foreignness(Inspection seen, Place place, boolean[] thin, float[] kept) {
    float[] body = kept.clone();
    for (int i = 0; i < body.length; i++) {
      int x = i % seen.width();
      int y = i / seen.width();
      boolean inBox =
          x >= place.box().x()
              && y >= place.box().y()
              && x < place.box().right()
              && y < place.box().bottom();
      body[i] = inBox && thin[i] ? 0 : body[i];
    }
    int[] cells = ColourTable.cells(seen.lab());
    float[] density = ColourTable.density(cells, body);
    double common = 0;
    double weight = 0;
    for (int i = 0; i < body.length; i++) {
      common += body[i] * density[cells[i]];
      weight += body[i];
    }
    double usual = common / Math.max(1, weight);
    double[] out = new double[body.length];
    for (int i = 0; i < out.length; i++) {
      out[i] = -Math.log10((density[cells[i]] + 1e-6) / (usual + 1e-6));
    }
    return out;
  }
}

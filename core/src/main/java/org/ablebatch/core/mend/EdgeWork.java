package org.ablebatch.core.mend;

import org.ablebatch.core.raster.BoxBlur;
import org.ablebatch.core.raster.Components;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Rect;

/** Carries out settings for the outline, step by step, in a part of the picture. */
final class EdgeWork {
  /** Three box blurs make a bell of about this many box radii. */
  private static final double RADII = 1.7;

  private static final double FIRMEST = 9;
  private static final double HARD = 200;
  private static final float HAZE_FADES = 0.1f;

  /** A gap this open is meant to be one. */
  private static final float HALF_OPEN = 0.9f;

  private final EdgeEdit edit;
  private final int width;
  private final int height;
  private float[] cover;

  private EdgeWork(EdgeEdit edit, Rect zone, Workpiece piece) {
    this.edit = edit;
    this.width = zone.width();
    this.height = zone.height();
    this.cover = new float[width * height];
    for (int y = 0; y < height; y++) {
      int from = (zone.y() + y) * piece.width() + zone.x();
      for (int x = 0; x < width; x++) {
        cover[y * width + x] = piece.cover(from + x) / 255f;
      }
    }
  }

  /**
   * @param part what may change, in pixels of the picture
   */
  static void carryOut(Workpiece piece, EdgeEdit edit, Rect part) {
    Rect content = new Matte(piece.width(), piece.height(), piece.coverage()).contentBox(1);
    if (content == null) {
      return;
    }
    Rect zone =
        part.grow(edit.reachPx()).intersect(content.grow(edit.reachPx())).intersect(piece.bounds());
    if (zone.isEmpty()) {
      return;
    }
    Rect changing = part.intersect(zone);
    if (edit.fitPx() > 0) {
      EdgeFit.carryOut(piece, zone, changing, edit.fitPx());
    }
    EdgeWork work = new EdgeWork(edit, zone, piece);
    work.carryOut();
    work.write(piece, zone, changing);
    if (edit.clean01() > 0) {
      EdgeColours.clean(piece, zone, changing, edit.clean01());
    }
  }

  private void carryOut() {
    if (edit.hazeBelow01() > 0) {
      each(v -> v * clip((v - (float) edit.hazeBelow01()) / HAZE_FADES));
    }
    if (edit.closePx() > 0) {
      settleSmall(false, edit.closePx(), 1);
    }
    if (edit.openPx() > 0) {
      settleSmall(true, edit.openPx(), 0);
    }
    if (edit.smoothPx() > 0) {
      cover = blurred(edit.smoothPx());
      each(v -> clip((v - 0.5f) * (float) (1 + edit.smoothPx()) + 0.5f));
    }
    if (edit.growPx() != 0) {
      cover = DiscMorphology.moved(cover, width, height, edit.growPx());
    }
    if (edit.firmness01() > 0) {
      float steep = (float) (1 + (FIRMEST - 1) * edit.firmness01());
      each(v -> clip((v - 0.5f) * steep + 0.5f));
    }
    if (edit.featherPx() > 0) {
      cover = blurred(edit.featherPx());
    }
    if (edit.hard()) {
      each(v -> clip((v - 0.5f) * (float) HARD + 0.5f));
    }
  }

  private interface Rule {
    float of(float coverage);
  }

  private void each(Rule rule) {
    for (int i = 0; i < cover.length; i++) {
      cover[i] = rule.of(cover[i]);
    }
  }

  private float[] blurred(double px) {
    int radius = (int) Math.max(1, Math.round(px / RADII));
    float[] out = cover;
    for (int pass = 0; pass < 3; pass++) {
      out = BoxBlur.blur(out, width, height, radius);
    }
    return out;
  }

  /** Closes small holes, or opens small gaps that stand half open, whole ones only. */
  private void settleSmall(boolean open, double px, float to) {
    boolean[] set = new boolean[cover.length];
    for (int i = 0; i < set.length; i++) {
      set[i] = cover[i] < (open ? HALF_OPEN : 1);
    }
    Components parts = Components.of(set, width, height, true);
    for (int i = 0; i < set.length; i++) {
      if (set[i]) {
        Rect box = parts.regions().get(parts.labels()[i] - 1).box();
        boolean small = Math.max(box.width(), box.height()) <= px + 2;
        if (small && !box.touches(width, height)) {
          cover[i] = to;
        }
      }
    }
  }

  private void write(Workpiece piece, Rect zone, Rect part) {
    for (int y = part.y(); y < part.bottom(); y++) {
      for (int x = part.x(); x < part.right(); x++) {
        int i = y * piece.width() + x;
        int before = piece.cover(i);
        int after = Math.round(255 * cover[(y - zone.y()) * width + x - zone.x()]);
        if (before == 0 && after > 0) {
          piece.colour(i, piece.original().argb()[i] | 0xFF000000);
        }
        piece.cover(i, after);
      }
    }
  }

  private static float clip(float v) {
    return v < 0 ? 0 : Math.min(v, 1);
  }
}

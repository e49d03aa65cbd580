package org.ablebatch.core.dress;

import org.ablebatch.core.look.Reflection;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Plane;

/** The subject mirrored at its foot line, fading downwards. */
final class ReflectionLayer implements Layer {
  private static final int LONG_SIDE = 640;

  private final Rows rows;
  private final double foot;
  private final double gone;
  private final double strength;

  /** The mirrored subject, row by row. */
  private interface Rows {
    /** Premultiplied in linear light; null where nothing lies. */
    float[] row(int y);
  }

  ReflectionLayer(Scenery scenery, Reflection reflection) {
    Standing standing = scenery.standing();
    this.rows = reflection.blur() > 0 ? blurred(scenery, reflection.blur()) : sharp(scenery);
    this.foot = standing.foot();
    this.gone = Math.max(1, standing.height() * reflection.fade() / 100);
    this.strength = reflection.strength() / 100;
  }

  private static Rows sharp(Scenery scenery) {
    SubjectRows rows = mirrored(scenery, scenery.frame(), 1);
    ToneTable tone = scenery.tone();
    return y -> {
      float[] row = rows.row(y);
      if (row != null && tone != null) {
        tone.applyPremultiplied(row, rows.from(), rows.to());
      }
      return row;
    };
  }

  /** On a grid: what is blurred has nothing finer, and the blur costs the same in every frame. */
  private static Rows blurred(Scenery scenery, double percent) {
    Frame frame = scenery.frame();
    Frame grid = frame.grid(LONG_SIDE);
    SubjectRows fine = mirrored(scenery, grid, frame.cell(LONG_SIDE));
    float[][] channels = new float[SubjectRows.CHANNELS][grid.width() * grid.height()];
    for (int y = 0; y < grid.height(); y++) {
      float[] row = fine.row(y);
      for (int x = 0; row != null && x < grid.width(); x++) {
        for (int c = 0; c < channels.length; c++) {
          channels[c][y * grid.width() + x] = row[x * SubjectRows.CHANNELS + c];
        }
      }
    }
    GridRows[] soft = new GridRows[channels.length];
    for (int c = 0; c < channels.length; c++) {
      float[] out = SoftBlur.of(channels[c], grid.width(), grid.height(), grid.px(percent));
      soft[c] = new GridRows(new Plane(grid.width(), grid.height(), out), frame);
    }
    float[] row = new float[frame.width() * SubjectRows.CHANNELS];
    ToneTable tone = scenery.tone();
    return y -> {
      for (int c = 0; c < soft.length; c++) {
        float[] channel = soft[c].row(y);
        for (int x = 0; x < channel.length; x++) {
          row[x * SubjectRows.CHANNELS + c] = channel[x];
        }
      }
      if (tone != null) {
        tone.applyPremultiplied(row, 0, frame.width());
      }
      return row;
    };
  }

  /**
   * @param scale of the grid to the frame
   */
  private static SubjectRows mirrored(Scenery scenery, Frame grid, double scale) {
    Picture cutout = scenery.dressable().cutout();
    Standing standing = scenery.standing();
    Placement p = standing.placement();
    double top = 2 * standing.foot() - p.offsetY() - p.scale() * cutout.height();
    Placement placement = new Placement(p.scale() * scale, p.offsetX() * scale, top * scale);
    return new SubjectRows(cutout, placement, grid, true);
  }

  @Override
  public void paint(int y, float[] row) {
    double below = y + 0.5 - foot;
    if (below < 0 || below >= gone) {
      return;
    }
    float[] mirrored = rows.row(y);
    if (mirrored != null) {
      Over.pixels(
          row,
          mirrored,
          0,
          row.length / SubjectRows.CHANNELS,
          (float) (strength * (1 - below / gone)));
    }
  }
}

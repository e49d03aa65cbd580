package org.ablebatch.core.dress;

import org.ablebatch.core.look.Reflection;
import org.ablebatch.core.raster.Picture;

/** The subject mirrored at its foot line, fading downwards. */
final class ReflectionLayer implements Layer {
  private final SubjectRows rows;
  private final ToneTable tone;
  private final double foot;
  private final double gone;
  private final double strength;

  ReflectionLayer(Scenery scenery, Reflection reflection) {
    Picture cutout = scenery.dressable().cutout();
    Standing standing = scenery.standing();
    Placement p = standing.placement();
    double mirrored = 2 * standing.foot() - p.offsetY() - p.scale() * cutout.height();
    this.rows =
        new SubjectRows(
            cutout, new Placement(p.scale(), p.offsetX(), mirrored), scenery.frame(), true);
    this.tone = scenery.tone();
    this.foot = standing.foot();
    this.gone = Math.max(1, standing.height() * reflection.fade() / 100);
    this.strength = reflection.strength() / 100;
  }

  @Override
  public void paint(int y, float[] row) {
    double below = y + 0.5 - foot;
    if (below < 0 || below >= gone) {
      return;
    }
    float[] mirrored = rows.row(y);
    if (mirrored != null) {
      if (tone != null) {
        tone.applyPremultiplied(mirrored);
      }
      Over.pixels(row, mirrored, (float) (strength * (1 - below / gone)));
    }
  }
}

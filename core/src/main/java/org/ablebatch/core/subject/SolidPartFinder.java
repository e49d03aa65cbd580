package org.ablebatch.core.subject;

import org.ablebatch.core.color.ColourTable;
import org.ablebatch.core.scene.Scene;
import org.ablebatch.core.work.Pulse;

/**
 * The solid parts of a see-through subject in front of a scene: only colours that the surroundings
 * do not have are solid, for everything else may be seen through the glass.
 */
public final class SolidPartFinder implements SubjectFinder {
  private static final float BENEFIT_OF_DOUBT = 0.8f;
  private static final float OUTSIDE = -4;

  @Override
  public SubjectRegion find(Scene scene, Pulse pulse) {
    SubjectRegion all = new SceneSubjectFinder().find(scene, pulse);
    int[] cells = ColourTable.cells(scene.lab());
    float[] in = new float[cells.length];
    float[] out = new float[cells.length];
    float[] guess = scene.subjectPrior().map(p -> p.values()).orElse(null);
    for (int i = 0; i < cells.length; i++) {
      float inside = guess != null ? guess[i] : all.subject()[i] ? 1 : 0;
      in[i] = inside > 0.5f ? 1 : 0;
      out[i] = inside < 0.2f ? 1 : 0;
    }
    float[] contrast =
        ColourContrast.logOdds(
            ColourTable.density(cells, in), ColourTable.shadedDensity(cells, out));
    float[] odds = new float[cells.length];
    for (int i = 0; i < odds.length; i++) {
      odds[i] = out[i] > 0 ? OUTSIDE : contrast[cells[i]] - BENEFIT_OF_DOUBT;
    }
    pulse.beat();
    return all.keeping(ContrastCut.divide(scene.lab(), odds));
  }
}

package org.ablebatch.core.sides;

import java.util.Arrays;
import org.ablebatch.core.color.ColourTable;
import org.ablebatch.core.raster.BoxBlur;
import org.ablebatch.core.raster.ColorPlanes;

/**
 * What every pixel looks like, given what is known to be subject and what is known to be backdrop.
 * On smooth backdrops the distance to the backdrop's surface is the evidence, on rough ones the
 * colours that both sides have.
 *
 * @param behind the backdrop, carried across what is not known to be backdrop
 * @param shade the pixel's place on the ray from black through the backdrop's colour; 1 = as lit
 * @param other how far from the backdrop and its shadows, in multiples of what is tolerated
 * @param inSubject how often the subject has the pixel's colour, as a share of its pixels
 * @param odds log odds of the subject's colours over the backdrop's, by how often each has them
 * @param evidence above 0 like the subject, below 0 like the backdrop, within -2..2
 */
public record Sides(
    BehindReader behind,
    float[] shade,
    float[] other,
    float[] inSubject,
    float[] odds,
    float[] evidence) {
  private static final float OFF_RAY = 0.018f;
  private static final float OFF_RAY_SPREADS = 3f;
  private static final float SHADOW_TINT = 0.07f;
  private static final float BRIGHTER = 0.022f;
  private static final float BRIGHTER_SPREADS = 4f;
  private static final float DARKEST_SHADOW = 0.45f;
  private static final float DARKER_PER_SHADE = 8;

  /** From this spread on the colour tables have more of a say; at the next one all of it. */
  private static final float SMOOTH_SPREAD = 0.014f;

  private static final float ROUGH_SPREAD = 0.032f;
  private static final float RARE = 2e-5f;
  private static final float MOST = 2;
  private static final float COLOUR = 0.6f;

  /**
   * @param lab OKLab
   * @param inside how much each pixel counts as subject, 0..1
   * @param removed 1 where there is backdrop for sure, else 0
   */
  public static Sides read(ColorPlanes lab, float[] inside, float[] removed) {
    BehindReader behind = BehindReader.read(lab, removed);
    float[] shade = new float[removed.length];
    float[] other = new float[removed.length];
    likeness(lab, behind, shade, other);
    int[] cells = ColourTable.cells(lab);
    float[] subject = ColourTable.density(cells, inside);
    float[] backdrop = ColourTable.density(cells, removed);
    float[] inSubject = new float[cells.length];
    float[] odds = new float[cells.length];
    // Many pixels share a colour; the logarithm of each is taken once.
    float[] oddsOf = new float[subject.length];
    Arrays.fill(oddsOf, Float.NaN);
    for (int i = 0; i < odds.length; i++) {
      int cell = cells[i];
      if (Float.isNaN(oddsOf[cell])) {
        oddsOf[cell] = (float) Math.log((subject[cell] + RARE) / (backdrop[cell] + RARE));
      }
      inSubject[i] = subject[cell];
      odds[i] = oddsOf[cell];
    }
    return new Sides(
        behind,
        shade,
        other,
        inSubject,
        odds,
        evidence(behind.spread(), other, odds, lab.width(), lab.height()));
  }

  /** What the two sides' colours say of a pixel, within -2..2, whatever the surface says. */
  public float byColour(int i) {
    return Math.max(-MOST, Math.min(MOST, COLOUR * odds[i]));
  }

  private static void likeness(ColorPlanes lab, BehindReader behind, float[] shade, float[] other) {
    ColorPlanes back = behind.colours();
    for (int i = 0; i < shade.length; i++) {
      float bl = Math.max(0.05f, back.c0()[i]);
      float ba = back.c1()[i];
      float bb = back.c2()[i];
      float l = lab.c0()[i];
      float a = lab.c1()[i];
      float b = lab.c2()[i];
      float s = (l * bl + a * ba + b * bb) / (bl * bl + ba * ba + bb * bb);
      float dl = l - s * bl;
      float da = a - s * ba;
      float db = b - s * bb;
      float off = (float) Math.sqrt(dl * dl + da * da + db * db);
      float allowed =
          OFF_RAY + OFF_RAY_SPREADS * behind.spread()[i] + SHADOW_TINT * Math.max(0, 1 - s);
      float brighter = (s - 1) * bl / (BRIGHTER + BRIGHTER_SPREADS * behind.spread()[i]);
      float darker = s < DARKEST_SHADOW ? 1 + (DARKEST_SHADOW - s) * DARKER_PER_SHADE : 0;
      shade[i] = s;
      other[i] = Math.max(off / allowed, Math.max(brighter, darker));
    }
  }

  private static float[] evidence(
      float[] spread, float[] other, float[] odds, int width, int height) {
    float[] out = new float[other.length];
    for (int i = 0; i < out.length; i++) {
      float rough = (spread[i] - SMOOTH_SPREAD) / (ROUGH_SPREAD - SMOOTH_SPREAD);
      float share = Math.max(0, Math.min(1, rough));
      float bySurface = Math.max(-MOST, Math.min(MOST, 2 * (other[i] - 1)));
      float byColour = Math.max(-MOST, Math.min(MOST, COLOUR * odds[i]));
      out[i] = (1 - share) * bySurface + share * byColour;
    }
    return BoxBlur.blur(out, width, height, 1);
  }
}

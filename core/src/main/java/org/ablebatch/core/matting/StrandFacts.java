package org.ablebatch.core.matting;

import org.ablebatch.core.raster.BoxBlur;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.trimap.Trimap;
import org.ablebatch.core.work.Pulse;

/**
 * Undecided pixels in numbers: where they lie, what their own colour and those of their
 * neighbourhood say, and how well two colours explain them. Feathers, tread and print are told from
 * hair before a wall by them: what speaks against its side is rare among the one and every second
 * pixel among the other.
 */
public final class StrandFacts {
  /** So many there are of every pixel. */
  public static final int COUNT = 17;

  private static final float DEEPEST = 25;
  private static final float CLEAREST = 8;
  private static final int BESIDE = 2;
  private static final int NEAR = 5;
  private static final int AROUND = 6;
  private static final int WIDE = 12;
  private static final float NOTHING = 1e-6f;

  private final ColorPlanes linear;
  private final LocalColours local;
  private final Trimap trimap;
  private final PairSampling pairs;
  private final float[] guess;
  private final float[] evidence;
  private final float[] evidenceBeside;
  private final float[] evidenceAround;
  private final float[] againstNear;
  private final float[] againstWide;
  private final float[] likeNear;
  private final float[] insideWide;
  private final float[] coloursBeside;
  private final float[] coloursAround;

  /**
   * @param evidence what each pixel's own colour says, above 0 = subject
   * @param guess learned guess at the subject, 0..1
   */
  StrandFacts(
      ColorPlanes linear,
      LocalColours local,
      Trimap trimap,
      PairSampling pairs,
      boolean[] zone,
      Plane evidence,
      Plane guess) {
    this.linear = linear;
    this.local = local;
    this.trimap = trimap;
    this.pairs = pairs;
    this.guess = guess.values();
    float[] depth = trimap.depth().values();
    this.evidence = new float[depth.length];
    float[] against = new float[depth.length];
    float[] like = new float[depth.length];
    float[] inside = new float[depth.length];
    float[] colours = new float[depth.length];
    for (int i = 0; i < depth.length; i++) {
      float says = within(evidence.values()[i], CLEAREST);
      this.evidence[i] = says;
      inside[i] = depth[i] > 0 ? 1 : 0;
      against[i] = says < 0 && depth[i] > 0 ? 1 : 0;
      like[i] = says > 0 && depth[i] < 0 ? 1 : 0;
      colours[i] = zone[i] ? byColours(i) : inside[i];
    }
    this.evidenceBeside = blurred(this.evidence, BESIDE);
    this.evidenceAround = blurred(this.evidence, AROUND);
    this.againstNear = blurred(against, NEAR);
    this.againstWide = blurred(against, WIDE);
    this.likeNear = blurred(like, NEAR);
    this.insideWide = blurred(inside, WIDE);
    this.coloursBeside = blurred(colours, BESIDE);
    this.coloursAround = blurred(colours, AROUND);
  }

  /**
   * Of every undecided pixel.
   *
   * @param linear the picture at the trimap's size, linear light
   * @return null for pixels that are decided
   */
  public static float[][] table(ColorPlanes linear, Trimap trimap, Plane evidence, Plane guess) {
    boolean[] zone = LinearCoverage.undecided(trimap);
    LocalColours local = LocalColours.spread(linear, trimap);
    PairSampling pairs = PairSampling.in(zone, linear, trimap, Pulse.NONE);
    StrandFacts facts = new StrandFacts(linear, local, trimap, pairs, zone, evidence, guess);
    float[][] out = new float[zone.length][];
    for (int i = 0; i < zone.length; i++) {
      out[i] = zone[i] ? facts.at(i, new float[COUNT]) : null;
    }
    return out;
  }

  private float[] blurred(float[] values, int radius) {
    return BoxBlur.blur(values, trimap.depth().width(), trimap.depth().height(), radius);
  }

  private static float within(float value, float most) {
    return Math.max(-most, Math.min(most, value));
  }

  /** What pairs and local colours say together. */
  private float byColours(int i) {
    float paired = pairs.trust()[i];
    float apart = local.trust(i);
    return (paired * pairs.coverage()[i] + apart * local.coverage(linear, i))
        / (paired + apart + NOTHING);
  }

  /**
   * @param out filled and returned
   */
  float[] at(int i, float[] out) {
    int k = 0;
    out[k++] = within(trimap.depth().values()[i], DEEPEST);
    out[k++] = trimap.bandRadius().values()[i];
    out[k++] = trimap.open().values()[i];
    out[k++] = evidence[i];
    out[k++] = local.trust(i);
    out[k++] = local.coverage(linear, i);
    out[k++] = pairs.trust()[i];
    out[k++] = pairs.coverage()[i];
    out[k++] = againstNear[i];
    out[k++] = againstWide[i];
    out[k++] = insideWide[i];
    out[k++] = likeNear[i];
    out[k++] = evidenceBeside[i];
    out[k++] = evidenceAround[i];
    out[k++] = coloursBeside[i];
    out[k++] = coloursAround[i];
    out[k] = guess[i];
    return out;
  }
}

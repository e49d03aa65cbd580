package org.ablebatch.core.matting;

import java.util.Optional;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.trimap.Trimap;

/**
 * Among strands, how much the outline's own course counts beside what colours say: hair, bristles
 * and twigs have gaps that only colours know, feathers, mud and print have none. What was learned
 * says which it is (docs/decisions/0041); without a guess, what a pixel's own colour speaks for.
 */
final class OutlineSay {
  /** Where no pair of colours explains a pixel that does not speak against its side. */
  private static final float OUTSIDE = 1;

  /** The same within the solid, of which a mistake takes whole pieces. */
  private static final float SOLID = 2;

  /** It counts in full from here on, reading pixels from the outline. */
  private static final float DEEP = 5;

  /** Where it was learned that the outline is right. */
  private static final float LEARNED = 4;

  /** As a share of that, for what lies outside: a hair missed costs less than a hole. */
  private static final float LEARNED_OUTSIDE = 0.5f;

  /** Learned shares below this say nothing; from the other one on they count in full. */
  private static final float LIKELY = 0.87f;

  private static final float SURE = 0.97f;

  private final Trimap trimap;
  private final PairSampling pairs;
  private final Optional<StrandClues> clues;
  private final StrandFacts facts;
  private final float[] fact = new float[StrandFacts.COUNT];

  private OutlineSay(
      Trimap trimap, PairSampling pairs, Optional<StrandClues> clues, StrandFacts facts) {
    this.trimap = trimap;
    this.pairs = pairs;
    this.clues = clues;
    this.facts = facts;
  }

  static OutlineSay of(
      ColorPlanes linear,
      LocalColours local,
      Trimap trimap,
      PairSampling pairs,
      boolean[] zone,
      Optional<StrandClues> clues) {
    StrandFacts facts =
        clues
            .filter(all -> isOpen(trimap, zone))
            .map(
                all ->
                    new StrandFacts(
                        linear, local, trimap, pairs, zone, all.evidence(), all.guess()))
            .orElse(null);
    return new OutlineSay(trimap, pairs, clues, facts);
  }

  private static boolean isOpen(Trimap trimap, boolean[] zone) {
    for (int i = 0; i < zone.length; i++) {
      if (zone[i] && trimap.open().values()[i] > 0) {
        return true;
      }
    }
    return false;
  }

  /** In the unit in which a pair of colours that explains a pixel counts 1. */
  float at(int i) {
    if (trimap.open().values()[i] == 0) {
      return 0;
    }
    float depth = trimap.depth().values()[i];
    return clues.map(all -> learned(all, i, depth > 0)).orElseGet(() -> unlearned(i, depth));
  }

  private float learned(StrandClues all, int i, boolean inside) {
    if (all.mixed()[i]) {
      return 0;
    }
    float subject = (float) all.trees().value(facts.at(i, fact));
    float right = inside ? subject : 1 - subject;
    float sure = Math.max(0, Math.min(1, (right - LIKELY) / (SURE - LIKELY)));
    return LEARNED * sure * (inside ? 1 : LEARNED_OUTSIDE);
  }

  private float unlearned(int i, float depth) {
    if (trimap.asFound().values()[i] == 0) {
      return 0;
    }
    float side = depth > 0 ? SOLID : OUTSIDE;
    return side * Math.min(1, Math.abs(depth) / DEEP) * (1 - pairs.trust()[i]);
  }
}

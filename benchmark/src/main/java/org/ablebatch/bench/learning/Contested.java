package org.ablebatch.bench.learning;

import org.ablebatch.core.cut.Contest;
import org.ablebatch.core.prior.Priors;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.scene.Scene;
import org.ablebatch.core.subject.Weighed;
import org.ablebatch.core.work.Pulse;
import org.ablebatch.prior.LearnedPriors;

/**
 * A picture read as far as the contest of ways.
 *
 * @param half the scene at half its size
 */
record Contested(Scene scene, Scene half, Contest contest) {
  static Contested in(Picture picture) {
    Priors priors = LearnedPriors.shared();
    Scene scene = Scene.read(picture, Scene.READING_PIXELS, priors);
    Scene half = scene.halved();
    Weighed weighed = Weighed.in(scene, half, priors.evidence().orElseThrow());
    return new Contested(scene, half, new Contest(scene, half, weighed, Pulse.NONE));
  }
}

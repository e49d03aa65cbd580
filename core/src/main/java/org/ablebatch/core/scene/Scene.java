package org.ablebatch.core.scene;

import java.util.Optional;
import org.ablebatch.core.backdrop.Backdrop;
import org.ablebatch.core.backdrop.BackdropReader;
import org.ablebatch.core.prior.CloserLook;
import org.ablebatch.core.prior.Priors;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.reading.AreaShrink;
import org.ablebatch.core.reading.HalfSize;
import org.ablebatch.core.work.Pulse;

/**
 * What the engine sees at reading size, before it decides anything. All planes share one grid.
 *
 * @param linear linear light
 * @param lab OKLab
 * @param backdrop the smooth surface through the picture's border, and how well it fits
 * @param subjectPrior learned guess at the subject, 0..1; empty without a prior
 * @param closerPrior the same after a closer look at what it found; the first guess where there was
 *     no closer look
 * @param smoothPrior the same, by what knows smooth backdrops best
 * @param personPrior learned guess at a person, should there be one, 0..1; empty without a prior
 * @param emptySet what is behind the subject, when a photograph of it fits; {@code lab} and {@code
 *     backdrop} are then those of the picture with the set divided out
 */
public record Scene(
    ColorPlanes linear,
    ColorPlanes lab,
    Backdrop backdrop,
    Optional<Plane> subjectPrior,
    Optional<Plane> closerPrior,
    Optional<Plane> smoothPrior,
    Optional<Plane> personPrior,
    Optional<EmptySet> emptySet) {
  /** So many pixels the engine reads a picture at, at most. */
  public static final int READING_PIXELS = 400_000;

  /**
   * @param picture full size, upright; unchanged
   * @param maxPixels the reading size
   * @param emptySet a photograph of the set without the subject; ignored when it does not fit
   */
  public static Scene read(
      Picture picture, int maxPixels, Priors priors, Optional<Picture> emptySet, Pulse pulse) {
    Rect grid = AreaShrink.readingGrid(picture.width(), picture.height(), maxPixels);
    ColorPlanes linear = AreaShrink.toLinear(picture, grid.width(), grid.height(), pulse);
    Optional<Plane> subject = priors.subject().map(prior -> prior.suggest(linear));
    pulse.beat();
    Optional<Plane> closer =
        subject.map(guess -> CloserLook.at(linear, guess, priors.subject().get()).orElse(guess));
    pulse.beat();
    Optional<Plane> smooth =
        priors.smooth().equals(priors.subject())
            ? subject
            : priors.smooth().map(prior -> prior.suggest(linear));
    Optional<Plane> person = priors.person().map(prior -> prior.suggest(linear));
    Optional<EmptySet> set = emptySet.flatMap(photograph -> EmptySet.match(picture, photograph));
    pulse.beat();
    ColorPlanes lab =
        AreaShrink.toOkLab(
            set.map(known -> EmptySet.flatten(linear, known.planes(grid.width(), grid.height())))
                .orElse(linear));
    pulse.beat();
    return new Scene(
        linear, lab, BackdropReader.read(lab, subject), subject, closer, smooth, person, set);
  }

  public static Scene read(Picture picture, int maxPixels, Priors priors) {
    return read(picture, maxPixels, priors, Optional.empty(), Pulse.NONE);
  }

  /** The same scene with another guess at the subject, such as the person prior's. */
  public Scene guessing(Optional<Plane> guess) {
    return new Scene(linear, lab, backdrop, guess, guess, guess, personPrior, emptySet);
  }

  /** Where two by two pixels have become one; the empty set stays as it is. */
  public Scene halved() {
    return new Scene(
        HalfSize.of(linear),
        HalfSize.of(lab),
        backdrop.halved(),
        subjectPrior.map(HalfSize::of),
        closerPrior.map(HalfSize::of),
        smoothPrior.map(HalfSize::of),
        personPrior.map(HalfSize::of),
        emptySet);
  }

  public int width() {
    return lab.width();
  }

  public int height() {
    return lab.height();
  }
}

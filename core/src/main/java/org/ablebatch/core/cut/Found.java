package org.ablebatch.core.cut;

import java.util.Optional;
import org.ablebatch.core.backdrop.BackdropKind;
import org.ablebatch.core.check.Confidence;
import org.ablebatch.core.hint.HintMarks;
import org.ablebatch.core.ink.InkMatte;
import org.ablebatch.core.matting.BandMatting;
import org.ablebatch.core.matting.SeeThroughMatte;
import org.ablebatch.core.matting.StrandClues;
import org.ablebatch.core.prior.LearnedTrees;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.scene.Scene;
import org.ablebatch.core.subject.HintedCut;
import org.ablebatch.core.subject.PlainSubjectFinder;
import org.ablebatch.core.subject.SceneSubjectFinder;
import org.ablebatch.core.subject.SeeThroughBody;
import org.ablebatch.core.subject.SolidPartFinder;
import org.ablebatch.core.subject.SubjectFinder;
import org.ablebatch.core.subject.SubjectRegion;
import org.ablebatch.core.subject.Subjects;
import org.ablebatch.core.subject.Weighed;
import org.ablebatch.core.subject.WeighedSubjectFinder;
import org.ablebatch.core.subject.WholePerson;
import org.ablebatch.core.trimap.Trimap;
import org.ablebatch.core.work.Pulse;

/**
 * The subject at reading size, and how its matte and its confidence follow from the method.
 *
 * @param choice the method that found it
 */
record Found(SubjectRegion region, MethodChooser.Choice choice) {
  /**
   * @param weighed empty where nothing weighs the evidence
   */
  static Found in(
      Scene scene, Optional<Weighed> weighed, MethodChooser.Choice choice, Pulse pulse) {
    SubjectRegion region =
        choice
            .sheet()
            .map(sheet -> sheet.region())
            .orElseGet(
                () ->
                    finder(choice.method(), scene, weighed)
                        .find(seenBy(choice.method(), scene), pulse));
    return new Found(
        choice.method() == Method.PERSON && scene.personPrior().isPresent()
            ? WholePerson.of(region, scene.personPrior().get())
            : region,
        choice);
  }

  /** Flat art looked at once more, with hardly any tolerance. */
  Found inFaintColours(Scene scene, Pulse pulse) {
    return new Found(
        PlainSubjectFinder.ofFaintColours().find(seenBy(Method.FLAT, scene), pulse), choice);
  }

  /** Solved again around the hints. */
  Found hinted(Scene scene, HintMarks marks) {
    return marks.any() ? new Found(HintedCut.apply(scene.lab(), region, marks), choice) : this;
  }

  /** Only with what lies inside a part of the picture. */
  Found inside(Rect part, Rect picture) {
    return part.equals(picture) ? this : new Found(region.inside(part, picture), choice);
  }

  /** Only with the subjects that are kept. */
  Found keeping(Subjects subjects) {
    return new Found(region.keeping(subjects.keptPixels()), choice);
  }

  /**
   * Coverage and clean colours at full size.
   *
   * @param strands how much of a pixel among strands is subject; empty where nobody learned that
   */
  BandMatting.Result matte(
      Picture picture, Scene scene, HintMarks marks, Optional<LearnedTrees> strands, Pulse pulse) {
    if (choice.sheet().isPresent()) {
      return InkMatte.solve(picture, choice.sheet().get(), region.subject(), pulse);
    }
    Trimap trimap = Trimap.around(region, scene.lab(), scene.backdrop().sigma(), marks.mixed());
    BandMatting.Result solid =
        BandMatting.solve(
            picture, scene.linear(), trimap, clues(scene, marks, strands), scene.emptySet(), pulse);
    return choice.method() == Method.SEE_THROUGH
        ? SeeThroughMatte.add(
            picture,
            scene,
            solid,
            SeeThroughBody.in(seenBy(Method.SEE_THROUGH, scene)).body(),
            pulse)
        : solid;
  }

  private Optional<StrandClues> clues(
      Scene scene, HintMarks marks, Optional<LearnedTrees> strands) {
    Plane evidence = new Plane(region.width(), region.height(), region.evidence());
    return strands.flatMap(
        trees ->
            scene
                .closerPrior()
                .map(guess -> new StrandClues(trees, evidence, guess, marks.mixed())));
  }

  /** From what is seen alone. */
  Confidence confidence(Scene scene, BandMatting.Result matte) {
    // The priors know nothing thinner than a few of their own coarse pixels.
    boolean strokes = choice.sheet().isPresent();
    return Confidence.of(strokes ? scene.guessing(Optional.empty()) : scene, region, matte);
  }

  /** A person is looked for where the person prior sees one, a thing after a closer look. */
  private static Scene seenBy(Method method, Scene scene) {
    return switch (method) {
      case PERSON -> scene.personPrior().isPresent() ? scene.guessing(scene.personPrior()) : scene;
      case PLAIN, UNEVEN, FLAT -> scene.guessing(scene.smoothPrior());
      default -> scene.guessing(scene.closerPrior());
    };
  }

  private static SubjectFinder finder(Method method, Scene scene, Optional<Weighed> weighed) {
    return switch (method) {
      case PLAIN, UNEVEN, FLAT, EMPTY_SET -> new PlainSubjectFinder();
      case SEE_THROUGH ->
          scene.backdrop().kind() == BackdropKind.BUSY
              ? new SolidPartFinder()
              : PlainSubjectFinder.ofSolidParts();
      case BUSY -> new SceneSubjectFinder();
      case PERSON ->
          scene.backdrop().kind() == BackdropKind.BUSY
              ? new SceneSubjectFinder()
              : new PlainSubjectFinder();
      case WEIGHED ->
          weighed.<SubjectFinder>map(WeighedSubjectFinder::new).orElseGet(SceneSubjectFinder::new);
      case AUTO, TRANSPARENT, INK -> throw new IllegalStateException(method + " has no finder");
    };
  }
}

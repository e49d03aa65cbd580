package org.ablebatch.core.cut;

import java.util.Optional;
import org.ablebatch.core.backdrop.Backdrop;
import org.ablebatch.core.backdrop.BackdropKind;
import org.ablebatch.core.ink.InkOnPaper;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.scene.Scene;
import org.ablebatch.core.subject.SeeThroughBody;

/** Chooses a method from what the scene shows, and says why in words that a person can check. */
final class MethodChooser {
  /** The choice, its reason as a sentence part, and the sheet when it is ink. */
  record Choice(Method method, String reason, Optional<InkOnPaper> sheet) {}

  private static final double LIGHT_PAPER = 0.6;
  private static final double LEAST_PERSON = 0.06;
  private static final double MOST_PERSON = 0.85;
  private static final double PERSON_AT_BOTTOM = 0.25;
  private static final double PERSON_UNDECIDED = 0.25;
  private static final double PRIORS_AGREE = 0.6;

  private MethodChooser() {}

  /**
   * @param asked {@link Method#AUTO} to let the scene decide
   */
  static Choice choose(Method asked, Scene scene) {
    if (scene.emptySet().isPresent()) {
      return plain(Method.EMPTY_SET, "the photograph of the empty set shows what is behind");
    }
    if (asked == Method.AUTO) {
      return choose(scene);
    }
    Optional<InkOnPaper> sheet =
        asked == Method.INK ? Optional.of(InkOnPaper.read(scene.linear())) : Optional.empty();
    return new Choice(asked, "chosen by hand", sheet);
  }

  private static Choice choose(Scene scene) {
    Backdrop backdrop = scene.backdrop();
    if (backdrop.kind() != BackdropKind.BUSY && meanLightness(backdrop) > LIGHT_PAPER) {
      InkOnPaper sheet = InkOnPaper.read(scene.linear());
      if (sheet.isConvincing(scene.linear())) {
        return new Choice(Method.INK, "thin strokes of one ink on light paper", Optional.of(sheet));
      }
    }
    if (backdrop.flat()) {
      return plain(Method.FLAT, "flat colours without light or noise");
    }
    if (showsPerson(scene)) {
      return plain(Method.PERSON, reason(Method.PERSON, scene));
    }
    if (SeeThroughBody.in(scene).convincing()) {
      return plain(Method.SEE_THROUGH, reason(Method.SEE_THROUGH, scene));
    }
    Method method =
        switch (backdrop.kind()) {
          case PLAIN -> Method.PLAIN;
          case UNEVEN -> Method.UNEVEN;
          case BUSY -> Method.BUSY;
        };
    return plain(method, reason(method, scene));
  }

  /** What the scene is like for which a method is right. */
  static String reason(Method method, Scene scene) {
    Backdrop backdrop = scene.backdrop();
    return switch (method) {
      case PERSON ->
          backdrop.kind() == BackdropKind.BUSY
              ? "a person in front of a busy scene"
              : "a person in front of a " + tone(backdrop) + " backdrop";
      case SEE_THROUGH -> "a body that the backdrop shows through";
      case PLAIN -> "plain " + tone(backdrop) + " backdrop";
      case UNEVEN ->
          backdrop.isTextured()
              ? "one " + tone(backdrop) + " backdrop with a texture of its own"
              : "one " + tone(backdrop) + " backdrop, unevenly lit";
      case WEIGHED -> "colours, shape, focus and the learned guesses weighed together";
      default ->
          scene.subjectPrior().isPresent()
              ? "patterned or busy surroundings"
              : "patterned or busy surroundings, and no learned prior to help";
    };
  }

  /** For a subject in its backdrop's own colours. */
  static Choice closeColours() {
    return plain(Method.BUSY, "a textured backdrop in colours close to the subject’s");
  }

  private static Choice plain(Method method, String reason) {
    return new Choice(method, reason, Optional.empty());
  }

  /**
   * The person prior fires on much that is no person, so it must be sure of itself, agree with the
   * subject prior, and see somebody who is cut off by the lower edge, as portraits are.
   */
  private static boolean showsPerson(Scene scene) {
    if (scene.personPrior().isEmpty()) {
      return false;
    }
    float[] person = scene.personPrior().get().values();
    float[] subject = scene.subjectPrior().map(Plane::values).orElse(person);
    int area = 0;
    int undecided = 0;
    int bottom = 0;
    int both = 0;
    int either = 0;
    int lastRow = person.length - scene.width();
    for (int i = 0; i < person.length; i++) {
      boolean is = person[i] > 0.5f;
      boolean other = subject[i] > 0.5f;
      area += is ? 1 : 0;
      undecided += person[i] > 0.1f && person[i] < 0.9f ? 1 : 0;
      bottom += is && i >= lastRow ? 1 : 0;
      both += is && other ? 1 : 0;
      either += is || other ? 1 : 0;
    }
    double share = area / (double) person.length;
    return share > LEAST_PERSON
        && share < MOST_PERSON
        && bottom > PERSON_AT_BOTTOM * scene.width()
        && undecided < PERSON_UNDECIDED * area
        && both > PRIORS_AGREE * either;
  }

  private static String tone(Backdrop backdrop) {
    double mean = meanLightness(backdrop);
    return mean > 0.8 ? "light" : mean < 0.35 ? "dark" : "mid-tone";
  }

  private static double meanLightness(Backdrop backdrop) {
    double sum = 0;
    for (float l : backdrop.surface().c0()) {
      sum += l;
    }
    return sum / backdrop.surface().c0().length;
  }
}

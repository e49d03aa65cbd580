package org.ablebatch.core.cut;

import java.util.Optional;
import org.ablebatch.core.backdrop.Backdrop;
import org.ablebatch.core.backdrop.BackdropKind;
import org.ablebatch.core.ink.InkOnPaper;
import org.ablebatch.core.scene.Scene;
import org.ablebatch.core.subject.SeeThroughBody;

/**
 * Chooses a method from what the scene shows, and says why in words that a person can check. What
 * is not certain by itself is then contested, see {@link Contest}.
 */
final class MethodChooser {
  /** The choice, its reason as a sentence part, and the sheet when it is ink. */
  record Choice(Method method, String reason, Optional<InkOnPaper> sheet) {}

  private static final double LIGHT_PAPER = 0.6;

  private MethodChooser() {}

  /**
   * @param asked {@link Method#AUTO} to let the scene decide
   * @param half the scene at half its size
   */
  static Choice choose(Method asked, Scene scene, Scene half) {
    if (scene.emptySet().isPresent()) {
      return plain(Method.EMPTY_SET, "the photograph of the empty set shows what is behind");
    }
    if (asked == Method.AUTO) {
      return choose(scene, half);
    }
    Optional<InkOnPaper> sheet =
        asked == Method.INK ? Optional.of(InkOnPaper.read(scene.linear())) : Optional.empty();
    return new Choice(asked, "chosen by hand", sheet);
  }

  private static Choice choose(Scene scene, Scene half) {
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
    if (SeeThroughBody.in(half).convincing()) {
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

  private static Choice plain(Method method, String reason) {
    return new Choice(method, reason, Optional.empty());
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

package org.ablebatch.core.cut;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.ablebatch.core.check.Confidence;
import org.ablebatch.core.line.FailureKind;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.subject.Subjects;

/** What became of a picture: a cutout, or a plain reason why there is none. */
public sealed interface CutOutcome {

  /** The method that was used; never {@link Method#AUTO}. */
  Method method();

  /**
   * @param reason why this method, as a sentence part: "plain light backdrop"
   * @param subjects what was found, numbered; those kept make up the cutout
   * @param tried the ways that competed, the best first; empty when a person or the picture itself
   *     left no choice
   * @param opinions what else can be thought of the picture; empty where nothing was weighed
   * @param millisPerStage wall time of each stage, in order
   */
  record Done(
      Cutout cutout,
      Method method,
      String reason,
      Confidence confidence,
      Subjects subjects,
      List<Attempt> tried,
      Optional<Opinions> opinions,
      Map<String, Long> millisPerStage)
      implements CutOutcome {}

  /**
   * Nothing was found that could be kept. An outcome, not an error.
   *
   * @param kind what can be done about it
   * @param reason what was seen instead, as a sentence
   */
  record NothingFound(Method method, FailureKind kind, String reason) implements CutOutcome {}
}

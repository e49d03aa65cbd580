package org.ablebatch.core.prior;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/**
 * What was learned from pictures and is at hand. The engine works without any of it, less well, and
 * says so.
 *
 * @param subject says where the main subject may be, whatever it is
 * @param smooth the same for smooth backdrops: it knows fewer things than {@code subject}, and sees
 *     openings and contact shadows better
 * @param person says where a person may be, if there is one; it cannot say whether there is one
 * @param evidence says what all evidence together comes to
 * @param pointed says where the subject is once a person has marked what is missing and what is too
 *     much
 * @param trees what judges, forecasts and decides on facts; any may be missing
 */
public record Priors(
    Optional<SubjectPrior> subject,
    Optional<SubjectPrior> smooth,
    Optional<SubjectPrior> person,
    Optional<EvidenceNetwork> evidence,
    Optional<PointedPrior> pointed,
    Map<Lesson, LearnedTrees> trees) {
  private static final Priors NONE = new Priors(Optional.empty(), Optional.empty());

  public Priors {
    trees = Map.copyOf(trees);
  }

  /** Guesses alone, without what weighs and judges. */
  public Priors(Optional<SubjectPrior> subject, Optional<SubjectPrior> person) {
    this(subject, subject, person, Optional.empty(), Optional.empty(), Map.of());
  }

  public static Priors none() {
    return NONE;
  }

  public Optional<LearnedTrees> trees(Lesson lesson) {
    return Optional.ofNullable(trees.get(lesson));
  }

  /** With another guess at a person. */
  public Priors seeing(SubjectPrior other) {
    return new Priors(subject, smooth, Optional.of(other), evidence, pointed, trees);
  }

  /** With another network that weighs the evidence. */
  public Priors weighing(EvidenceNetwork other) {
    return new Priors(subject, smooth, person, Optional.of(other), pointed, trees);
  }

  /** With one lesson more. */
  public Priors knowing(Lesson lesson, LearnedTrees learned) {
    Map<Lesson, LearnedTrees> more = new EnumMap<>(Lesson.class);
    more.putAll(trees);
    more.put(lesson, learned);
    return new Priors(subject, smooth, person, evidence, pointed, more);
  }

  /** Without a lesson, for whoever teaches it anew. */
  public Priors without(Lesson lesson) {
    Map<Lesson, LearnedTrees> less = new EnumMap<>(Lesson.class);
    less.putAll(trees);
    less.remove(lesson);
    return new Priors(subject, smooth, person, evidence, pointed, less);
  }
}

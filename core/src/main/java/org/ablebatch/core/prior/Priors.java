package org.ablebatch.core.prior;

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
 * @param judge expects how wrong a region is, from {@link org.ablebatch.core.judge.RegionFacts}
 * @param forecast says whether a finished cutout will pass; without it the confidence is a product
 *     of its parts
 * @param mends says whether a proposed change makes a cutout better; without it none is proposed
 * @param pointed says where the subject is once a person has marked what is missing and what is too
 *     much
 */
public record Priors(
    Optional<SubjectPrior> subject,
    Optional<SubjectPrior> smooth,
    Optional<SubjectPrior> person,
    Optional<EvidenceNetwork> evidence,
    Optional<LearnedTrees> judge,
    Optional<LearnedTrees> forecast,
    Optional<LearnedTrees> mends,
    Optional<PointedPrior> pointed) {
  private static final Priors NONE = new Priors(Optional.empty(), Optional.empty());

  /** Guesses alone, without what weighs and judges. */
  public Priors(Optional<SubjectPrior> subject, Optional<SubjectPrior> person) {
    this(
        subject,
        subject,
        person,
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty());
  }

  public static Priors none() {
    return NONE;
  }
}

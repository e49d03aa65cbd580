package org.ablebatch.core.prior;

import java.util.Optional;

/**
 * The learned priors that are at hand. The engine works without them, less well, and says so.
 *
 * @param subject says where the main subject may be, whatever it is
 * @param person says where a person may be, if there is one; it cannot say whether there is one
 */
public record Priors(Optional<SubjectPrior> subject, Optional<SubjectPrior> person) {
  private static final Priors NONE = new Priors(Optional.empty(), Optional.empty());

  public static Priors none() {
    return NONE;
  }
}

package org.ablebatch.core.subject;

import java.util.Set;
import java.util.stream.Collectors;

/**
 * Which numbered subjects to take in or leave out, against what the engine would do. A number that
 * does not exist changes nothing.
 *
 * @param included taken in though the engine leaves them out
 * @param excluded left out though the engine keeps them; wins over {@code included}
 */
public record SubjectChoice(Set<Integer> included, Set<Integer> excluded) {
  private static final SubjectChoice NONE = new SubjectChoice(Set.of(), Set.of());

  public SubjectChoice {
    included = Set.copyOf(included);
    excluded = Set.copyOf(excluded);
  }

  /** As the engine would do. */
  public static SubjectChoice none() {
    return NONE;
  }

  boolean keeps(int number, boolean byDefault) {
    return !excluded.contains(number) && (byDefault || included.contains(number));
  }

  /** The choice as seen by somebody who calls number {@code offset + 1} number 1. */
  public SubjectChoice from(int offset) {
    return new SubjectChoice(moved(included, offset), moved(excluded, offset));
  }

  private static Set<Integer> moved(Set<Integer> numbers, int offset) {
    return numbers.stream().map(n -> n - offset).filter(n -> n > 0).collect(Collectors.toSet());
  }
}

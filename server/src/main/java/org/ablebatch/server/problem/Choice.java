package org.ablebatch.server.problem;

import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.stream.Collectors;

/** A field that takes one of a few words. */
public final class Choice {
  private Choice() {}

  /**
   * The value that a word stands for.
   *
   * @param word of a value, as it is written in requests
   * @param came what the field holds, in letters of any case; null = nothing
   * @throws BadInput naming all words, when it is none of them
   */
  public static <T> T of(
      String field, Collection<T> values, Function<T, String> word, String came) {
    return values.stream()
        .filter(value -> word.apply(value).equalsIgnoreCase(came))
        .findFirst()
        .orElseThrow(
            () ->
                BadInput.expected(
                    field,
                    values.stream().map(word).collect(Collectors.joining(", ", "one of ", "")),
                    came));
  }

  /** The same for constants that are written as they are called, in small letters. */
  public static <E extends Enum<E>> E of(String field, Class<E> type, String came) {
    List<E> values = Arrays.asList(type.getEnumConstants());
    return of(field, values, value -> value.name().toLowerCase(Locale.ROOT), came);
  }
}

package org.ablebatch.server.batch;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.ablebatch.core.sets.NamePattern;

/**
 * A name pattern as the database keeps it: the roles' first letters (n, c, g), a plus sign when the
 * folder is the group, a space, and the separators.
 */
final class PatternText {
  private PatternText() {}

  /** Null stays null. */
  static String of(NamePattern pattern) {
    if (pattern == null) {
      return null;
    }
    String roles =
        pattern.roles().stream()
            .map(role -> role.name().substring(0, 1).toLowerCase(java.util.Locale.ROOT))
            .collect(Collectors.joining());
    return roles + (pattern.folderIsGroup() ? "+" : "") + " " + pattern.separators();
  }

  static Optional<NamePattern> parse(String text) {
    if (text == null) {
      return Optional.empty();
    }
    int space = text.indexOf(' ');
    String roles = text.substring(0, space);
    List<NamePattern.Role> parsed =
        roles.chars().filter(c -> c != '+').mapToObj(PatternText::role).toList();
    return Optional.of(new NamePattern(text.substring(space + 1), parsed, roles.endsWith("+")));
  }

  private static NamePattern.Role role(int letter) {
    return Arrays.stream(NamePattern.Role.values())
        .filter(role -> Character.toLowerCase(role.name().charAt(0)) == letter)
        .findFirst()
        .orElseThrow();
  }
}

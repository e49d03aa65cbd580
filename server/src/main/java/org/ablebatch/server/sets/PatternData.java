package org.ablebatch.server.sets;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.ablebatch.core.sets.NamePattern;
import org.ablebatch.server.problem.BadInput;

/**
 * How codes and groups are read from file names.
 *
 * @param separators characters at which names are taken apart; null = the usual ones
 * @param parts what each part is, the first part first: nothing, code or group
 * @param folderIsGroup the innermost folder is the group where the name gives none
 */
@Schema(name = "NamePattern")
public record PatternData(String separators, List<String> parts, boolean folderIsGroup) {
  public static PatternData of(NamePattern pattern) {
    return new PatternData(
        pattern.separators(),
        pattern.roles().stream().map(role -> role.name().toLowerCase(Locale.ROOT)).toList(),
        pattern.folderIsGroup());
  }

  public NamePattern toPattern() {
    try {
      return new NamePattern(
          separators == null ? NamePattern.USUAL_SEPARATORS : separators,
          parts == null ? List.of() : parts.stream().map(PatternData::role).toList(),
          folderIsGroup);
    } catch (IllegalArgumentException e) {
      throw new BadInput("pattern", e.getMessage());
    }
  }

  private static NamePattern.Role role(String name) {
    return Arrays.stream(NamePattern.Role.values())
        .filter(role -> role.name().equalsIgnoreCase(name))
        .findFirst()
        .orElseThrow(() -> new BadInput("parts", "A part of a name is nothing, code or group"));
  }
}

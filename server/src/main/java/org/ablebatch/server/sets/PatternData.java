package org.ablebatch.server.sets;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Locale;
import org.ablebatch.core.sets.NamePattern;
import org.ablebatch.server.problem.BadInput;
import org.ablebatch.server.problem.Choice;

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
    List<NamePattern.Role> roles =
        parts == null ? List.of() : parts.stream().map(PatternData::role).toList();
    try {
      return new NamePattern(
          separators == null ? NamePattern.USUAL_SEPARATORS : separators, roles, folderIsGroup);
    } catch (IllegalArgumentException e) {
      throw new BadInput("separators", e.getMessage());
    }
  }

  private static NamePattern.Role role(String name) {
    return Choice.of("parts", NamePattern.Role.class, name);
  }
}

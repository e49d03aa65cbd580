package org.ablebatch.core.sets;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads code and group out of file names. A name is taken apart at its separators; each part has a
 * role by its position, and neighbouring parts of one role stay joined as they stood. What comes
 * after the last role is of no matter, so {@code QG-104_spades_front.jpg} and {@code
 * QG-104_spades_back-2.jpg} can be read by one pattern.
 *
 * @param separators characters at which names are taken apart; 1 to 8 of them
 * @param roles of the parts, the first part first; at most {@value #MOST_PARTS}
 * @param folderIsGroup true = the innermost folder is the group where the name gives none
 */
public record NamePattern(String separators, List<Role> roles, boolean folderIsGroup) {
  public static final int MOST_PARTS = 12;
  public static final String USUAL_SEPARATORS = "_- .";
  private static final int MOST_SEPARATORS = 8;
  private static final int LONGEST = 120;

  /** What a part of a name is. */
  public enum Role {
    NOTHING,
    CODE,
    GROUP
  }

  public NamePattern {
    if (separators == null || separators.isEmpty() || separators.length() > MOST_SEPARATORS) {
      throw new IllegalArgumentException("Names are taken apart at 1 to 8 different characters");
    }
    if (separators.chars().anyMatch(Character::isLetterOrDigit)) {
      throw new IllegalArgumentException("Names are not taken apart at letters or digits");
    }
    if (roles == null || roles.size() > MOST_PARTS) {
      throw new IllegalArgumentException("A name has at most " + MOST_PARTS + " parts");
    }
    roles = List.copyOf(roles);
  }

  /**
   * The parts of a name, without its ending.
   *
   * @param fileName without folders
   */
  public List<String> partsOf(String fileName) {
    List<String> parts = new ArrayList<>();
    Matcher matcher = anyOf("[^", "]+").matcher(stem(fileName));
    while (matcher.find() && parts.size() < MOST_PARTS) {
      parts.add(matcher.group());
    }
    return parts;
  }

  /**
   * @param folder the folders it came in, separated by slashes; may be empty
   */
  public SetPlace of(String folder, String fileName) {
    String stem = stem(fileName);
    String code = joined(stem, Role.CODE);
    String group = joined(stem, Role.GROUP);
    if (group == null && folderIsGroup && !folder.isEmpty()) {
      group = shortened(folder.substring(folder.lastIndexOf('/') + 1));
    }
    return new SetPlace(code, group);
  }

  /** From the first part of a role to the last that follows it without a gap; null = none. */
  private String joined(String stem, Role role) {
    Matcher matcher = anyOf("[^", "]+").matcher(stem);
    int from = -1;
    int to = -1;
    for (int part = 0; part < roles.size() && matcher.find(); part++) {
      if (roles.get(part) == role && (from < 0 || roles.get(part - 1) == role)) {
        from = from < 0 ? matcher.start() : from;
        to = matcher.end();
      }
    }
    return from < 0 ? null : shortened(stem.substring(from, to));
  }

  private Pattern anyOf(String before, String after) {
    StringBuilder quoted = new StringBuilder();
    separators.chars().forEach(c -> quoted.append('\\').append((char) c));
    return Pattern.compile(before + quoted + after);
  }

  private static String stem(String fileName) {
    int dot = fileName.lastIndexOf('.');
    return dot > 0 ? fileName.substring(0, dot) : fileName;
  }

  private static String shortened(String text) {
    return text.length() <= LONGEST ? text : text.substring(0, LONGEST);
  }
}

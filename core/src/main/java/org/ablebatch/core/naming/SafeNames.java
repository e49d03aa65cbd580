package org.ablebatch.core.naming;

import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;

/** What file systems refuse in names, and what becomes of it. */
public final class SafeNames {
  private static final Pattern FORBIDDEN = Pattern.compile("[\\p{Cntrl}<>:\"/\\\\|?*]");
  private static final Pattern ENDS = Pattern.compile("^\\.+|[. ]+$");
  private static final String NAMELESS = "unnamed";
  private static final int LONGEST_ENDING = 6;

  /** Names of devices, which one widespread system keeps for itself with any ending. */
  private static final Set<String> RESERVED =
      Set.of(
          "con", "prn", "aux", "nul", "com1", "com2", "com3", "com4", "com5", "com6", "com7",
          "com8", "com9", "lpt1", "lpt2", "lpt3", "lpt4", "lpt5", "lpt6", "lpt7", "lpt8", "lpt9");

  private SafeNames() {}

  /**
   * The last path element of a name from anywhere, without anything a file system forbids.
   *
   * @param fileName null = none was given
   */
  public static String cleaned(String fileName) {
    if (fileName == null) {
      return NAMELESS;
    }
    int cut = Math.max(fileName.lastIndexOf('/'), fileName.lastIndexOf('\\'));
    String last = FORBIDDEN.matcher(fileName.substring(cut + 1)).replaceAll("").strip();
    return last.isEmpty() || last.chars().allMatch(c -> c == '.') ? NAMELESS : last;
  }

  /**
   * A name that fits, with its ending; a character outside the basic plane is never cut in two.
   *
   * @param longest UTF-16 units, more than an ending has
   */
  public static String shortened(String name, int longest) {
    if (name.length() <= longest) {
      return name;
    }
    int dot = name.lastIndexOf('.');
    String ending = dot > 0 && name.length() - dot <= LONGEST_ENDING ? name.substring(dot) : "";
    return upTo(name, longest - ending.length()) + ending;
  }

  /** The name without its ending. */
  public static String stem(String name) {
    int dot = name.lastIndexOf('.');
    return dot > 0 ? name.substring(0, dot) : name;
  }

  /** A stem that every usual file system takes; never empty. */
  static String safe(String stem) {
    String clean = stem;
    // Nearly every name is safe, and thousands are looked at while somebody waits.
    if (!stem.chars().allMatch(SafeNames::isPlain)) {
      clean = FORBIDDEN.matcher(stem).replaceAll("-").strip();
      clean = ENDS.matcher(clean).replaceAll("");
    }
    if (RESERVED.contains(clean.toLowerCase(Locale.ROOT))) {
      clean += "_";
    }
    return clean.isEmpty() ? "picture" : clean;
  }

  private static boolean isPlain(int c) {
    return c >= 'a' && c <= 'z'
        || c >= 'A' && c <= 'Z'
        || c >= '0' && c <= '9'
        || c == '-'
        || c == '_';
  }

  static String upTo(String name, int end) {
    return end >= name.length()
        ? name
        : name.substring(0, Character.isHighSurrogate(name.charAt(end - 1)) ? end - 1 : end);
  }
}

package org.ablebatch.core.deliver;

import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import org.ablebatch.core.sets.SetPlace;

/**
 * Gives every delivered file its name. One instance per delivery: it remembers what it gave,
 * without regard to capitals, so that no file hides another on any system.
 */
public final class FileNames {
  private static final Pattern FORBIDDEN = Pattern.compile("[\\p{Cntrl}<>:\"/\\\\|?*]");
  private static final Pattern NOT_A_WORD = Pattern.compile("[^\\p{L}\\p{N}]+");
  private static final String NAMELESS = "unnamed";
  private static final String UNGROUPED = "ungrouped";
  private static final int LONGEST_STEM = 120;
  private static final int LONGEST_ENDING = 6;

  private final Set<String> given = new HashSet<>();

  /**
   * @param originalFileName as it came, any characters
   * @param set where the picture belongs
   * @param number the picture's place in the delivery, from 1
   */
  public String next(String originalFileName, SetPlace set, Spec spec, int number) {
    StringBuilder stem = new StringBuilder();
    for (NamePart part : spec.fileName()) {
      stem.append(text(part, originalFileName, set, spec, number));
    }
    String safe = safe(stem.toString());
    String ending = "." + spec.format().extension();
    String name = safe + ending;
    for (int n = 2; !given.add(name.toLowerCase(Locale.ROOT)); n++) {
      name = safe + "-" + n + ending;
    }
    return name;
  }

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

  private static String upTo(String name, int end) {
    return name.substring(0, Character.isHighSurrogate(name.charAt(end - 1)) ? end - 1 : end);
  }

  private static String stem(String original) {
    int dot = original.lastIndexOf('.');
    return dot > 0 ? original.substring(0, dot) : original;
  }

  private static String text(NamePart part, String original, SetPlace set, Spec spec, int number) {
    if (part instanceof NamePart.OriginalName) {
      return stem(original);
    } else if (part instanceof NamePart.Code) {
      return set.code() == null ? stem(original) : set.code();
    } else if (part instanceof NamePart.Group) {
      return set.group() == null ? UNGROUPED : set.group();
    } else if (part instanceof NamePart.SpecName) {
      return hyphenated(spec.name());
    } else if (part instanceof NamePart.Size) {
      return spec.width() + "x" + spec.height();
    } else if (part instanceof NamePart.Counter counter) {
      return String.format(Locale.ROOT, "%0" + counter.digits() + "d", number);
    } else {
      return ((NamePart.Text) part).text();
    }
  }

  private static String hyphenated(String words) {
    String joined = NOT_A_WORD.matcher(words.toLowerCase(Locale.ROOT)).replaceAll("-");
    return joined.replaceAll("^-+|-+$", "");
  }

  private static String safe(String stem) {
    String clean = FORBIDDEN.matcher(stem).replaceAll("-").strip();
    clean = clean.replaceAll("^\\.+|\\.+$", "");
    if (clean.length() > LONGEST_STEM) {
      clean = upTo(clean, LONGEST_STEM);
    }
    return clean.isEmpty() ? "picture" : clean;
  }
}

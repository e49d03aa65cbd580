package org.ablebatch.core.naming;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * Gives every delivered file its name. One instance per delivery: it remembers what it gave,
 * without regard to capitals, so that no file hides another on any system.
 */
public final class FileNames {
  private static final Pattern NOT_A_WORD = Pattern.compile("[^\\p{L}\\p{N}]+");
  private static final String UNGROUPED = "ungrouped";

  private static final Pattern ENDS = Pattern.compile("^-+|-+$");

  private final Set<String> given = new HashSet<>();
  private final Map<String, String> hyphenated = new HashMap<>();

  /** What had to be done to a name. */
  public enum Mend {
    /** Another file has it already, capitals aside; a number was put behind it. */
    NUMBERED,
    /** Some file system refuses it; it was changed where it had to be. */
    MADE_SAFE,
    /** It was longer than the rules allow. */
    SHORTENED,
    /** The list has nothing in a column that is part of it. */
    COLUMN_EMPTY
  }

  /**
   * A name and what had to be done for it.
   *
   * @param name with its ending; safe, and given to no other file
   */
  public record Given(String name, List<Mend> mends) {}

  /**
   * What of a spec goes into names.
   *
   * @param name as people call it
   * @param size {@code 800x600}
   * @param ending without its dot
   */
  public record OfSpec(String name, String size, String ending) {}

  /** A name for the next file. */
  public Given next(Named picture, List<NamePart> parts, NameRules rules, OfSpec spec) {
    List<Mend> mends = new ArrayList<>();
    StringBuilder words = new StringBuilder();
    for (NamePart part : parts) {
      words.append(text(part, picture, spec, mends));
    }
    String wanted = rules.written(words.toString());
    String safe = SafeNames.safe(wanted);
    if (!safe.equals(wanted)) {
      mends.add(Mend.MADE_SAFE);
    }
    String ending = "." + spec.ending();
    int room = rules.longest() - ending.length();
    if (safe.length() > room) {
      mends.add(Mend.SHORTENED);
      safe = SafeNames.safe(SafeNames.upTo(safe, room));
    }
    String name = safe + ending;
    for (int n = 2; !given.add(name.toLowerCase(Locale.ROOT)); n++) {
      String tail = "-" + n;
      name = SafeNames.upTo(safe, room - tail.length()) + tail + ending;
      if (n == 2) {
        mends.add(Mend.NUMBERED);
      }
    }
    return new Given(name, List.copyOf(mends));
  }

  private String text(NamePart part, Named picture, OfSpec spec, List<Mend> mends) {
    if (part instanceof NamePart.OriginalName) {
      return SafeNames.stem(picture.originalName());
    } else if (part instanceof NamePart.Code) {
      return picture.code() == null ? SafeNames.stem(picture.originalName()) : picture.code();
    } else if (part instanceof NamePart.Group) {
      return picture.group() == null ? UNGROUPED : picture.group();
    } else if (part instanceof NamePart.SpecName) {
      return hyphenated.computeIfAbsent(spec.name(), FileNames::hyphenated);
    } else if (part instanceof NamePart.Size) {
      return spec.size();
    } else if (part instanceof NamePart.Counter counter) {
      return number(counter, picture);
    } else if (part instanceof NamePart.Column column) {
      String value = picture.columns().getOrDefault(column.name(), "").strip();
      if (value.isEmpty() && !mends.contains(Mend.COLUMN_EMPTY)) {
        mends.add(Mend.COLUMN_EMPTY);
      }
      return value;
    } else {
      return ((NamePart.Text) part).text();
    }
  }

  private static String number(NamePart.Counter counter, Named picture) {
    int place = counter.perGroup() ? picture.numberInGroup() : picture.number();
    String digits = String.valueOf(counter.start() + place - 1L);
    return "0".repeat(Math.max(0, counter.digits() - digits.length())) + digits;
  }

  private static String hyphenated(String words) {
    String joined = NOT_A_WORD.matcher(words.toLowerCase(Locale.ROOT)).replaceAll("-");
    return ENDS.matcher(joined).replaceAll("");
  }
}

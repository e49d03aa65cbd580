package org.ablebatch.core.naming;

import java.text.Normalizer;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;

/**
 * How a name that was put together is written.
 *
 * @param longest characters with the ending, {@value #SHORTEST}..{@value #LONGEST}
 */
public record NameRules(Capitals capitals, Letters letters, int longest) {
  public static final int SHORTEST = 12;
  public static final int LONGEST = 200;
  public static final NameRules DEFAULT = new NameRules(Capitals.AS_THEY_ARE, Letters.ALL, 120);

  private static final Pattern MARKS = Pattern.compile("\\p{M}+");
  private static final Pattern NOT_ASCII = Pattern.compile("[^\\x20-\\x7E]");

  /** Two letters for one, as German and the Nordic languages spell where they lack the letter. */
  private static final Map<String, String> IN_TWO_LETTERS =
      Map.of(
          "ä", "ae", "ö", "oe", "ü", "ue", "å", "aa", "Ä", "Ae", "Ö", "Oe", "Ü", "Ue", "Å", "Aa");

  /** Letters that Unicode does not take apart. */
  private static final Map<String, String> WITHOUT_PARTS =
      Map.ofEntries(
          Map.entry("ß", "ss"),
          Map.entry("ẞ", "SS"),
          Map.entry("æ", "ae"),
          Map.entry("Æ", "Ae"),
          Map.entry("ø", "o"),
          Map.entry("Ø", "O"),
          Map.entry("œ", "oe"),
          Map.entry("Œ", "Oe"),
          Map.entry("ł", "l"),
          Map.entry("Ł", "L"),
          Map.entry("đ", "d"),
          Map.entry("Đ", "D"),
          Map.entry("þ", "th"),
          Map.entry("Þ", "Th"),
          Map.entry("ð", "d"),
          Map.entry("ı", "i"),
          Map.entry("–", "-"),
          Map.entry("—", "-"),
          Map.entry("’", ""),
          Map.entry("€", "EUR"));

  /** Capitals. */
  public enum Capitals {
    AS_THEY_ARE,
    SMALL,
    CAPITAL
  }

  /** Which letters a name may hold. */
  public enum Letters {
    /** Of every script. */
    ALL,
    /** Basic Latin; ä becomes a. */
    PLAIN,
    /** Basic Latin; ä becomes ae. */
    TWO_FOR_ONE
  }

  public NameRules {
    if (capitals == null || letters == null) {
      throw new InvalidName("names", "Names need rules for capitals and letters");
    }
    if (longest < SHORTEST || longest > LONGEST) {
      throw new InvalidName(
          "names",
          "A name has at most %d to %d characters, not %d".formatted(SHORTEST, LONGEST, longest));
    }
  }

  /** The words in the letters and capitals that are allowed. */
  String written(String words) {
    String out = letters == Letters.ALL ? words : latin(words);
    return switch (capitals) {
      case AS_THEY_ARE -> out;
      case SMALL -> out.toLowerCase(Locale.ROOT);
      case CAPITAL -> out.toUpperCase(Locale.ROOT);
    };
  }

  private String latin(String words) {
    String out = Normalizer.normalize(words, Normalizer.Form.NFC);
    if (letters == Letters.TWO_FOR_ONE) {
      out = replaced(out, IN_TWO_LETTERS);
      out = out.replace("ø", "oe").replace("Ø", "Oe");
    }
    out = replaced(out, WITHOUT_PARTS);
    out = MARKS.matcher(Normalizer.normalize(out, Normalizer.Form.NFD)).replaceAll("");
    return NOT_ASCII.matcher(out).replaceAll("_");
  }

  private static String replaced(String text, Map<String, String> letters) {
    String out = text;
    for (Map.Entry<String, String> letter : letters.entrySet()) {
      out = out.replace(letter.getKey(), letter.getValue());
    }
    return out;
  }
}

package org.ablebatch.core.shelf;

import java.text.Normalizer;
import java.util.Arrays;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Words as they are kept and as they are asked for: small letters and digits without accents, so
 * that “Größe_12.jpg” is found by “grosse 12”. Both sides go through the same.
 */
public final class SearchWords {
  private static final Pattern MARKS = Pattern.compile("\\p{M}+");
  private static final Pattern BETWEEN_WORDS = Pattern.compile("[^\\p{L}\\p{N}]+");
  private static final Pattern LETTERS_OR_DIGITS = Pattern.compile("\\p{L}+|\\p{N}+");
  private static final Pattern SIZE = Pattern.compile("(\\d+)\\s*[x×]\\s*(\\d+)");

  /** More words than this make no search narrower that anybody types. */
  private static final int MOST_ASKED = 12;

  private SearchWords() {}

  /**
   * What a thing is found by. A word of letters and digits is kept whole and in its parts, so that
   * “img1234” is found by “1234”.
   *
   * @param texts may hold nulls
   * @return each word once, in the order of the texts
   */
  public static List<String> kept(Collection<String> texts) {
    Set<String> words = new LinkedHashSet<>();
    texts.stream()
        .filter(Objects::nonNull)
        .flatMap(text -> split(text).stream())
        .forEach(
            word -> {
              words.add(word);
              Matcher parts = LETTERS_OR_DIGITS.matcher(word);
              while (parts.find()) {
                words.add(parts.group());
              }
            });
    return List.copyOf(words);
  }

  /** The words that somebody asks for; each is the beginning of one that has to be there. */
  public static List<String> asked(String text) {
    return text == null ? List.of() : split(text).stream().distinct().limit(MOST_ASKED).toList();
  }

  /** How a size is found: as people write it. */
  public static String size(int width, int height) {
    return width + "x" + height;
  }

  private static List<String> split(String text) {
    String plain =
        MARKS
            .matcher(Normalizer.normalize(text.toLowerCase(Locale.ROOT), Normalizer.Form.NFKD))
            .replaceAll("")
            .replace("ß", "ss")
            .replace("æ", "ae")
            .replace("œ", "oe")
            .replace("ø", "o")
            .replace("ł", "l");
    String sized = SIZE.matcher(plain).replaceAll("$1x$2");
    return Arrays.stream(BETWEEN_WORDS.split(sized)).filter(word -> !word.isEmpty()).toList();
  }
}

package org.ablebatch.core.dress;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.ablebatch.core.look.Word;

/**
 * What is known of a picture in words.
 *
 * @param fileName with its ending
 * @param code null = none
 * @param group null = none
 * @param columns what the batch's list says of it, by the columns' names
 */
public record Labels(String fileName, String code, String group, Map<String, String> columns) {
  private static final Pattern LENGTH =
      Pattern.compile("\\s*(\\d{1,6}(?:[.,]\\d{1,3})?)\\s*(?:mm)?\\s*");

  public static final Labels NONE = new Labels("", null, null, Map.of());

  public Labels {
    columns = Map.copyOf(columns);
  }

  /**
   * A text with its pieces filled in; a missing piece is nothing, and so is what stands alone
   * beside it: fixed words count only where another piece is there, unless all are fixed.
   */
  public String text(List<Word> words) {
    boolean allFixed = words.stream().allMatch(word -> word instanceof Word.Fixed);
    boolean anyThere =
        words.stream().anyMatch(word -> !(word instanceof Word.Fixed) && !of(word).isBlank());
    if (!allFixed && !anyThere) {
      return "";
    }
    StringBuilder out = new StringBuilder();
    words.forEach(word -> out.append(of(word)));
    return out.toString().strip();
  }

  /** The pieces of a text that this picture has nothing for, in words. */
  public List<String> missing(List<Word> words) {
    return words.stream()
        .filter(word -> !(word instanceof Word.Fixed) && of(word).isBlank())
        .map(Labels::nameOf)
        .toList();
  }

  /** A length of the list, such as {@code 240}, {@code 240 mm} or {@code 1,5}; above 0. */
  public OptionalDouble millimetres(String column) {
    Matcher matcher = LENGTH.matcher(orNothing(columns.get(column)));
    if (!matcher.matches()) {
      return OptionalDouble.empty();
    }
    double value = Double.parseDouble(matcher.group(1).replace(',', '.'));
    return value > 0 ? OptionalDouble.of(value) : OptionalDouble.empty();
  }

  private String of(Word word) {
    if (word instanceof Word.Fixed fixed) {
      return fixed.text();
    }
    if (word instanceof Word.Column column) {
      return orNothing(columns.get(column.name()));
    }
    if (word instanceof Word.FileName) {
      return withoutEnding(fileName);
    }
    return orNothing(word instanceof Word.Code ? code : group);
  }

  private static String nameOf(Word word) {
    if (word instanceof Word.Column column) {
      return "“" + column.name() + "”";
    }
    return word instanceof Word.Code ? "code" : word instanceof Word.Group ? "group" : "name";
  }

  private static String orNothing(String text) {
    return text == null ? "" : text;
  }

  private static String withoutEnding(String name) {
    int dot = name.lastIndexOf('.');
    return dot > 0 ? name.substring(0, dot) : name;
  }
}

package org.ablebatch.codec.spec;

import java.util.List;
import org.ablebatch.core.deliver.InvalidSpec;
import org.ablebatch.core.naming.InvalidName;
import org.ablebatch.core.naming.NamePart;

/**
 * A part of a file's name as JSON.
 *
 * @param part original-name, code, group, spec, size, counter, column or text
 * @param text for text
 * @param column of the batch's list, for column
 * @param digits for counter; left out = 3
 * @param start for counter; left out = 1
 * @param perGroup for counter: every group begins anew
 */
public record NameEntry(
    String part, String text, String column, Integer digits, Integer start, Boolean perGroup) {
  private static final int USUAL_DIGITS = 3;

  static List<NamePart> toParts(List<NameEntry> entries) {
    try {
      return entries.stream().map(NameEntry::toPart).toList();
    } catch (InvalidName e) {
      throw new InvalidSpec(e.field(), e.getMessage());
    }
  }

  private NamePart toPart() {
    return switch (part == null ? "" : part) {
      case "original-name" -> new NamePart.OriginalName();
      case "code" -> new NamePart.Code();
      case "group" -> new NamePart.Group();
      case "spec" -> new NamePart.SpecName();
      case "size" -> new NamePart.Size();
      case "counter" ->
          new NamePart.Counter(
              digits == null ? USUAL_DIGITS : digits,
              start == null ? 1 : start,
              Boolean.TRUE.equals(perGroup));
      case "column" -> new NamePart.Column(column);
      case "text" -> new NamePart.Text(text);
      default ->
          throw new InvalidSpec(
              "fileName",
              "A name part is original-name, code, group, spec, size, counter, column or text");
    };
  }
}

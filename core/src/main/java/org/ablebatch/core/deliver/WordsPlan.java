package org.ablebatch.core.deliver;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.ablebatch.core.dress.Labels;
import org.ablebatch.core.naming.NamePart;
import org.ablebatch.core.naming.SafeNames;

/**
 * What delivered files are to say of themselves, put together like names. Empty lists say nothing.
 *
 * @param keywords parted by commas and semicolons once they are put together
 */
public record WordsPlan(
    List<NamePart> title,
    List<NamePart> description,
    List<NamePart> author,
    List<NamePart> copyright,
    List<NamePart> keywords) {
  public static final WordsPlan NONE =
      new WordsPlan(List.of(), List.of(), List.of(), List.of(), List.of());

  private static final int LONGEST = 4000;

  public WordsPlan {
    for (List<NamePart> parts : List.of(title, description, author, copyright, keywords)) {
      boolean ofTheFile =
          parts.stream()
              .anyMatch(
                  part ->
                      part instanceof NamePart.Counter
                          || part instanceof NamePart.Size
                          || part instanceof NamePart.SpecName);
      if (ofTheFile) {
        throw new InvalidSpec(
            "words", "Words are put together from original-name, code, group, column and text");
      }
    }
  }

  /** The words of one picture's files. */
  public FileWords of(Labels labels) {
    return new FileWords(
        text(title, labels),
        text(description, labels),
        text(author, labels),
        text(copyright, labels),
        Arrays.asList(text(keywords, labels).split("[,;]")));
  }

  private static String text(List<NamePart> parts, Labels labels) {
    String text =
        parts.stream().map(part -> text(part, labels)).collect(Collectors.joining()).strip();
    return text.length() > LONGEST ? text.substring(0, LONGEST) : text;
  }

  private static String text(NamePart part, Labels labels) {
    if (part instanceof NamePart.Code) {
      return labels.code() == null ? "" : labels.code();
    } else if (part instanceof NamePart.Group) {
      return labels.group() == null ? "" : labels.group();
    } else if (part instanceof NamePart.Column column) {
      return labels.columns().getOrDefault(column.name(), "");
    } else if (part instanceof NamePart.OriginalName) {
      return SafeNames.stem(labels.fileName());
    }
    return ((NamePart.Text) part).text();
  }
}

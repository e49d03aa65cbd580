package org.ablebatch.codec.spec;

import java.util.List;
import org.ablebatch.core.deliver.WordsPlan;
import org.ablebatch.core.naming.NamePart;

/**
 * What delivered files say of themselves, as JSON. Each is put together from original-name, code,
 * group, column and text; left out = nothing is said.
 *
 * @param keywords parted by commas and semicolons
 */
public record WordsEntry(
    List<NameEntry> title,
    List<NameEntry> description,
    List<NameEntry> author,
    List<NameEntry> copyright,
    List<NameEntry> keywords) {
  public static final WordsEntry NONE = new WordsEntry(null, null, null, null, null);

  /**
   * @throws org.ablebatch.core.deliver.InvalidSpec naming the field that is wrong
   */
  public WordsPlan toPlan() {
    return new WordsPlan(
        parts(title), parts(description), parts(author), parts(copyright), parts(keywords));
  }

  private static List<NamePart> parts(List<NameEntry> entries) {
    return entries == null ? List.of() : NameEntry.toParts(entries);
  }
}

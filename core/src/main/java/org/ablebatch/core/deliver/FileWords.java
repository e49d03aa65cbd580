package org.ablebatch.core.deliver;

import java.util.List;

/**
 * What a delivered file says of itself in words. Nothing of the original's own metadata is among
 * them, its place least of all.
 *
 * @param title null = none, as all of them
 * @param keywords empty = none
 */
public record FileWords(
    String title, String description, String author, String copyright, List<String> keywords) {
  public static final FileWords NONE = new FileWords(null, null, null, null, List.of());

  public FileWords {
    title = some(title);
    description = some(description);
    author = some(author);
    copyright = some(copyright);
    keywords = keywords.stream().map(String::strip).filter(k -> !k.isEmpty()).distinct().toList();
  }

  public boolean isEmpty() {
    return equals(NONE);
  }

  private static String some(String text) {
    return text == null || text.isBlank() ? null : text.strip();
  }
}

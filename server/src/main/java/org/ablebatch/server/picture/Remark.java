package org.ablebatch.server.picture;

import io.swagger.v3.oas.annotations.media.Schema;
import org.ablebatch.core.finding.FindingKind;

/**
 * What a checker says when a picture is sent on, for whoever mends it.
 *
 * @param text in words; may be null
 * @param reason kind of the finding that it is about; null = another
 * @param x of the marked place, in pixels of the picture; all four null = none
 */
@Schema(name = "Remark")
public record Remark(
    String text, String reason, Integer x, Integer y, Integer width, Integer height) {
  private static final int LONGEST = 400;

  /**
   * @throws IllegalArgumentException with a sentence when something is not as it should be
   */
  public Remark {
    text = text == null || text.isBlank() ? null : text.strip();
    if (text != null && text.length() > LONGEST) {
      throw new IllegalArgumentException("A remark has at most " + LONGEST + " letters");
    }
    if (reason != null) {
      FindingKind.ofWireName(reason);
    }
    boolean none = x == null && y == null && width == null && height == null;
    boolean whole = x != null && y != null && width != null && height != null;
    if (!none && !(whole && width > 0 && height > 0)) {
      throw new IllegalArgumentException("A marked place has x, y, width and height");
    }
  }

  public boolean saysNothing() {
    return text == null && reason == null && x == null;
  }
}

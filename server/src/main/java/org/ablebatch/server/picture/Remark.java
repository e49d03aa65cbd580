package org.ablebatch.server.picture;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.ablebatch.core.finding.FindingKind;
import org.ablebatch.server.problem.BadInput;
import org.ablebatch.server.problem.Choice;

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
   * @throws BadInput naming what is not as it should be
   */
  public Remark {
    text = text == null || text.isBlank() ? null : text.strip();
    if (text != null && text.length() > LONGEST) {
      throw BadInput.expected("text", "at most " + LONGEST + " letters", text.length());
    }
    if (reason != null) {
      Choice.of("reason", List.of(FindingKind.values()), FindingKind::wireName, reason);
    }
    boolean none = x == null && y == null && width == null && height == null;
    boolean whole = x != null && y != null && width != null && height != null;
    if (!none && !(whole && width > 0 && height > 0)) {
      throw new BadInput("width", "A marked place has all of x, y, width and height, or none");
    }
  }

  public boolean saysNothing() {
    return text == null && reason == null && x == null;
  }
}

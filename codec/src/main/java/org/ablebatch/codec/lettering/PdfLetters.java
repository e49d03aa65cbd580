package org.ablebatch.codec.lettering;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.ablebatch.core.look.TypeFamily;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** Letters of a shipped family in a PDF, embedded as far as they are used. */
public final class PdfLetters {
  private static final float UNITS = 1000;
  private static final String UNKNOWN = "?";

  private final List<PDFont> pieces = new ArrayList<>();

  public PdfLetters(PDDocument document, TypeFamily family, boolean bold) throws IOException {
    for (byte[] ttf : Typefaces.files(family, bold)) {
      pieces.add(PDType0Font.load(document, new ByteArrayInputStream(ttf), true));
    }
  }

  /** Letters that one piece has. */
  private record Run(PDFont font, String text) {}

  /**
   * Writes a line from where the content's text position is; a letter that no piece has becomes a
   * question mark.
   */
  public void show(PDPageContentStream content, String text, float size) throws IOException {
    for (Run run : runs(text)) {
      content.setFont(run.font(), size);
      content.showText(run.text());
    }
  }

  /** Width of a line in points. */
  public float width(String text, float size) throws IOException {
    float width = 0;
    for (Run run : runs(text)) {
      width += run.font().getStringWidth(run.text()) / UNITS * size;
    }
    return width;
  }

  /** As much of a text as is not wider than that, with three dots where something is missing. */
  public String upTo(String text, float size, float most) throws IOException {
    if (width(text, size) <= most) {
      return text;
    }
    int end = text.length();
    while (end > 0 && width(text.substring(0, end) + "…", size) > most) {
      end = text.offsetByCodePoints(end, -1);
    }
    return text.substring(0, end) + "…";
  }

  private List<Run> runs(String text) {
    List<Run> runs = new ArrayList<>();
    text.codePoints()
        .mapToObj(Character::toString)
        .forEach(
            letter -> {
              PDFont font = fontOf(letter);
              String shown = font == null ? UNKNOWN : letter;
              PDFont with = font == null ? pieces.get(0) : font;
              Run last = runs.isEmpty() ? null : runs.get(runs.size() - 1);
              if (last != null && last.font() == with) {
                runs.set(runs.size() - 1, new Run(with, last.text() + shown));
              } else {
                runs.add(new Run(with, shown));
              }
            });
    return runs;
  }

  private PDFont fontOf(String letter) {
    for (PDFont font : pieces) {
      try {
        font.encode(letter);
        return font;
      } catch (IllegalArgumentException | IOException e) {
        // This piece has no such letter; the next may.
      }
    }
    return null;
  }
}

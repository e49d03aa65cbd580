package org.ablebatch.codec.deliver;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import org.ablebatch.codec.lettering.PdfLetters;
import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.dress.Resampling;
import org.ablebatch.core.look.Colour;
import org.ablebatch.core.look.TypeFamily;
import org.ablebatch.core.raster.Picture;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;

/**
 * A4 pages with pictures in rows, each with its code and its name, for a buyer to tick off.
 * Pictures are added one after the other, so that only their small copies are held.
 */
public final class ContactSheet implements AutoCloseable {
  public static final int FEWEST = 1;
  public static final int MOST = 60;

  private static final float MARGIN = 36;
  private static final float HEAD = 30;
  private static final float GAP = 10;
  private static final float LINE = 11;
  private static final float HEAD_SIZE = 13;
  private static final float SIZE = 8.5f;
  private static final float BOX = 8;
  private static final int QUALITY = 85;

  private final PDDocument document = new PDDocument();
  private final String title;
  private final int across;
  private final int down;
  private final PdfLetters letters;
  private final PdfLetters bold;
  private PDPageContentStream content;
  private int place;

  /**
   * @param perPage pictures on a page, {@value #FEWEST}..{@value #MOST}
   */
  public ContactSheet(String title, int perPage) {
    this.title = title;
    // Pages are upright, so there are about as many rows more as they are higher.
    this.across = (int) Math.max(1, Math.round(Math.sqrt(perPage * 0.75)));
    this.down = (perPage + across - 1) / across;
    try {
      this.letters = new PdfLetters(document, TypeFamily.NOTO_SANS, false);
      this.bold = new PdfLetters(document, TypeFamily.NOTO_SANS, true);
    } catch (IOException e) {
      throw new UncheckedIOException("the shipped letters can’t be read", e);
    }
  }

  /**
   * The next picture.
   *
   * @param code null = it has none
   */
  public void add(Picture picture, String code, String name) {
    try {
      int onPage = place % (across * down);
      if (onPage == 0) {
        beginPage();
      }
      place++;
      float cellWidth = (PDRectangle.A4.getWidth() - 2 * MARGIN + GAP) / across;
      float cellHeight = (PDRectangle.A4.getHeight() - 2 * MARGIN - HEAD + GAP) / down;
      float x = MARGIN + onPage % across * cellWidth;
      float top = PDRectangle.A4.getHeight() - MARGIN - HEAD - onPage / across * cellHeight;
      cell(picture, code, name, x, top, cellWidth - GAP, cellHeight - GAP);
    } catch (IOException e) {
      throw new UncheckedIOException("writing a page to memory failed", e);
    }
  }

  private void beginPage() throws IOException {
    endPage();
    PDPage page = new PDPage(PDRectangle.A4);
    document.addPage(page);
    content = new PDPageContentStream(document, page);
    String number = String.valueOf(document.getNumberOfPages());
    float y = PDRectangle.A4.getHeight() - MARGIN - HEAD_SIZE;
    float right = PDRectangle.A4.getWidth() - MARGIN - letters.width(number, SIZE);
    text(bold, bold.upTo(title, HEAD_SIZE, right - MARGIN - GAP), HEAD_SIZE, MARGIN, y);
    text(letters, number, SIZE, right, y);
  }

  private void cell(
      Picture picture, String code, String name, float x, float top, float width, float height)
      throws IOException {
    float room = height - 2 * LINE - 4;
    Picture opaque = picture.hasTransparency() ? Resampling.over(picture, Colour.WHITE) : picture;
    PDImageXObject image =
        JPEGFactory.createFromByteArray(document, PictureWriter.jpeg(opaque, QUALITY));
    float scale = Math.min(width / picture.width(), room / picture.height());
    float w = scale * picture.width();
    float h = scale * picture.height();
    content.drawImage(image, x + (width - w) / 2, top - room + (room - h) / 2, w, h);
    content.setLineWidth(0.4f);
    content.setStrokingColor(0.75f);
    content.addRect(x, top - room, width, room);
    content.stroke();
    // Where a pen ticks it off.
    content.addRect(x + width - BOX, top - room - LINE - 1, BOX, BOX);
    content.stroke();
    float words = width - BOX - 4;
    text(bold, bold.upTo(code == null ? "–" : code, SIZE, words), SIZE, x, top - room - LINE);
    text(letters, letters.upTo(name, SIZE, width), SIZE, x, top - room - 2 * LINE);
  }

  private void text(PdfLetters of, String words, float size, float x, float y) throws IOException {
    content.beginText();
    content.newLineAtOffset(x, y);
    of.show(content, words, size);
    content.endText();
  }

  private void endPage() throws IOException {
    if (content != null) {
      content.close();
      content = null;
    }
  }

  /** The whole file; nothing can be added afterwards. */
  public byte[] bytes() {
    try {
      endPage();
      if (document.getNumberOfPages() == 0) {
        beginPage();
        endPage();
      }
      document.setDocumentId(0L);
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      document.save(out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException("writing a file to memory failed", e);
    }
  }

  @Override
  public void close() {
    try {
      endPage();
      document.close();
    } catch (IOException e) {
      throw new UncheckedIOException("closing a file in memory failed", e);
    }
  }
}

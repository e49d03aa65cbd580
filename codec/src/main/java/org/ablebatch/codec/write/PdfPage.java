package org.ablebatch.codec.write;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import org.ablebatch.codec.profile.SrgbProfile;
import org.ablebatch.core.deliver.Encoding;
import org.ablebatch.core.deliver.FileWords;
import org.ablebatch.core.raster.Picture;
import org.apache.pdfbox.pdfwriter.compress.CompressParameters;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentInformation;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDMetadata;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.color.PDOutputIntent;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.apache.pdfbox.pdmodel.graphics.image.LosslessFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;

/**
 * One page for print: the picture over the bleed box, the finished size as the trim box, crop marks
 * outside of the bleed. The same picture always gives the same bytes.
 */
final class PdfPage {
  private static final float POINTS_PER_INCH = 72;
  private static final float MARK_POINTS = 12;
  private static final float MARK_GAP_POINTS = 6;
  private static final float MARK_WIDTH_POINTS = 0.25f;

  private PdfPage() {}

  /**
   * @param picture with its bleed, taken as opaque
   * @param bleedPx pixels of bleed at each side of it
   * @param extras with the dots an inch
   */
  static byte[] of(Picture picture, int bleedPx, Encoding.Pdf encoding, FileExtras extras) {
    float scale = POINTS_PER_INCH / extras.dpi();
    float around = encoding.cropMarks() ? MARK_POINTS + MARK_GAP_POINTS : 0;
    float width = picture.width() * scale;
    float height = picture.height() * scale;
    float bleed = bleedPx * scale;
    PDRectangle bleedBox = new PDRectangle(around, around, width, height);
    PDRectangle trimBox =
        new PDRectangle(around + bleed, around + bleed, width - 2 * bleed, height - 2 * bleed);
    try (PDDocument document = new PDDocument()) {
      PDPage page = new PDPage(new PDRectangle(width + 2 * around, height + 2 * around));
      page.setBleedBox(bleedBox);
      page.setTrimBox(trimBox);
      document.addPage(page);
      PDImageXObject image = image(document, picture, encoding);
      try (PDPageContentStream content = new PDPageContentStream(document, page)) {
        content.drawImage(image, around, around, width, height);
        if (encoding.cropMarks()) {
          marks(content, trimBox, bleed + MARK_GAP_POINTS);
        }
      }
      describe(document, extras.words());
      return saved(document);
    } catch (IOException e) {
      throw new UncheckedIOException("writing a page to memory failed", e);
    }
  }

  private static PDImageXObject image(PDDocument document, Picture picture, Encoding.Pdf encoding)
      throws IOException {
    return encoding.quality() == null
        ? LosslessFactory.createFromImage(document, Images.of(picture, false))
        : JPEGFactory.createFromByteArray(
            document, PictureWriter.jpeg(picture, encoding.quality()));
  }

  private static void marks(PDPageContentStream content, PDRectangle trim, float gap)
      throws IOException {
    content.setLineWidth(MARK_WIDTH_POINTS);
    content.setStrokingColor(0f);
    for (float x : new float[] {trim.getLowerLeftX(), trim.getUpperRightX()}) {
      line(content, x, trim.getLowerLeftY() - gap, x, trim.getLowerLeftY() - gap - MARK_POINTS);
      line(content, x, trim.getUpperRightY() + gap, x, trim.getUpperRightY() + gap + MARK_POINTS);
    }
    for (float y : new float[] {trim.getLowerLeftY(), trim.getUpperRightY()}) {
      line(content, trim.getLowerLeftX() - gap, y, trim.getLowerLeftX() - gap - MARK_POINTS, y);
      line(content, trim.getUpperRightX() + gap, y, trim.getUpperRightX() + gap + MARK_POINTS, y);
    }
    content.stroke();
  }

  private static void line(PDPageContentStream content, float x, float y, float toX, float toY)
      throws IOException {
    content.moveTo(x, y);
    content.lineTo(toX, toY);
  }

  private static void describe(PDDocument document, FileWords words) throws IOException {
    PDOutputIntent intent =
        new PDOutputIntent(document, new ByteArrayInputStream(SrgbProfile.bytes()));
    intent.setInfo("sRGB IEC61966-2.1");
    intent.setOutputCondition("sRGB");
    intent.setOutputConditionIdentifier("sRGB IEC61966-2.1");
    document.getDocumentCatalog().addOutputIntent(intent);
    if (words.isEmpty()) {
      return;
    }
    PDDocumentInformation info = document.getDocumentInformation();
    info.setTitle(words.title());
    info.setSubject(words.description());
    info.setAuthor(words.author());
    info.setKeywords(String.join(", ", words.keywords()));
    PDMetadata metadata = new PDMetadata(document, new ByteArrayInputStream(Xmp.packet(words)));
    document.getDocumentCatalog().setMetadata(metadata);
  }

  /** Nothing in it depends on when it was written. */
  private static byte[] saved(PDDocument document) throws IOException {
    document.setDocumentId(0L);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    document.save(out, CompressParameters.NO_COMPRESSION);
    return out.toByteArray();
  }
}

package org.ablebatch.codec.deliver;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.Scanner;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.ablebatch.codec.read.PictureReader;
import org.ablebatch.codec.read.ReadLimits;
import org.ablebatch.codec.read.UnreadablePicture;
import org.ablebatch.core.deliver.OutputFormat;
import org.ablebatch.core.raster.Picture;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/** A file that was delivered, as a picture again: for the screen, and to be copied elsewhere. */
public final class OpenedFile {
  private static final PictureReader READER = new PictureReader(ReadLimits.DEFAULT);
  private static final int SHEET_PX = 1200;
  private static final float LINE_PX = 3;
  private static final Color INK = new Color(0x1B2333);
  private static final Pattern SHEET = Pattern.compile("viewBox=\"0 0 ([\\d.]+) ([\\d.]+)\"");
  private static final Pattern OUTLINE = Pattern.compile(" d=\"([^\"]+)\"");
  private static final String MERGED = "mergedimage.png";

  private OpenedFile() {}

  /**
   * @param bytes as one of our own writers wrote them
   * @throws UnreadablePicture when they are not
   */
  public static Picture of(byte[] bytes, OutputFormat format) throws UnreadablePicture {
    try {
      return switch (format) {
        case PDF -> page(bytes);
        case ORA -> READER.read(merged(bytes)).picture();
        case CUT_LINE -> line(new String(bytes, StandardCharsets.UTF_8));
        default -> READER.read(bytes).picture();
      };
    } catch (IOException e) {
      throw new UnreadablePicture(
          UnreadablePicture.Reason.DAMAGED, "The file can’t be opened: " + e.getMessage());
    }
  }

  private static Picture page(byte[] bytes) throws IOException {
    try (PDDocument document = Loader.loadPDF(bytes)) {
      float longest =
          Math.max(
              document.getPage(0).getCropBox().getWidth(),
              document.getPage(0).getCropBox().getHeight());
      return picture(new PDFRenderer(document).renderImage(0, SHEET_PX / longest, ImageType.ARGB));
    }
  }

  private static byte[] merged(byte[] bytes) throws IOException {
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(bytes))) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        if (entry.getName().equals(MERGED)) {
          return zip.readAllBytes();
        }
      }
    }
    throw new IOException("it has no " + MERGED);
  }

  /** The lines of our own SVG: moves, straight pieces, cubic pieces. */
  private static Picture line(String svg) throws IOException {
    Matcher sheet = SHEET.matcher(svg);
    if (!sheet.find()) {
      throw new IOException("it has no sheet");
    }
    double width = Double.parseDouble(sheet.group(1));
    double height = Double.parseDouble(sheet.group(2));
    double scale = SHEET_PX / Math.max(width, height);
    BufferedImage image =
        new BufferedImage(
            (int) Math.max(1, Math.ceil(width * scale)),
            (int) Math.max(1, Math.ceil(height * scale)),
            BufferedImage.TYPE_INT_ARGB);
    Graphics2D pen = image.createGraphics();
    pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    pen.setStroke(new BasicStroke(LINE_PX));
    pen.setColor(INK);
    Matcher outlines = OUTLINE.matcher(svg);
    while (outlines.find()) {
      pen.draw(
          path(outlines.group(1))
              .createTransformedShape(AffineTransform.getScaleInstance(scale, scale)));
    }
    pen.dispose();
    return picture(image);
  }

  private static Path2D path(String data) {
    Path2D path = new Path2D.Double();
    try (Scanner words = new Scanner(new StringReader(data))) {
      while (words.hasNext()) {
        switch (words.next()) {
          case "M" -> path.moveTo(next(words), next(words));
          case "L" -> path.lineTo(next(words), next(words));
          case "C" ->
              path.curveTo(
                  next(words), next(words), next(words), next(words), next(words), next(words));
          default -> path.closePath();
        }
      }
    }
    return path;
  }

  private static double next(Scanner words) {
    return Double.parseDouble(words.next());
  }

  private static Picture picture(BufferedImage image) {
    int width = image.getWidth();
    int height = image.getHeight();
    return new Picture(width, height, image.getRGB(0, 0, width, height, null, 0, width));
  }
}

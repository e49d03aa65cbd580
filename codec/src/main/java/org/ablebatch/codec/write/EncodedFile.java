package org.ablebatch.codec.write;

import java.util.List;
import org.ablebatch.core.cutline.CutLine;
import org.ablebatch.core.cutline.CutLineRules;
import org.ablebatch.core.deliver.Encoding;
import org.ablebatch.core.dress.DeepDressed;
import org.ablebatch.core.dress.Frame;
import org.ablebatch.core.dress.LayerPicture;
import org.ablebatch.core.dress.Placement;
import org.ablebatch.core.dress.Resampling;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;

/** A finished picture as the file that a spec asks for. */
public final class EncodedFile {
  private static final double MM_PER_INCH = 25.4;

  private EncodedFile() {}

  /** With 16 bits a channel; TIFF is the one format here that keeps them. */
  public static byte[] of(DeepDressed picture, FileExtras extras) {
    return TiffFile.of(picture, extras);
  }

  /**
   * @param picture taken as opaque by formats that keep no transparency
   * @param bleedPx pixels of it at each side that are bleed; a page for print says so
   * @throws CannotWrite when this machine can't write the format
   */
  public static byte[] of(Picture picture, int bleedPx, Encoding encoding, FileExtras extras) {
    if (encoding instanceof Encoding.Png png) {
      return PngFile.of(picture, png, extras);
    } else if (encoding instanceof Encoding.Jpeg jpeg) {
      return JpegFile.of(picture, jpeg, extras);
    } else if (encoding instanceof Encoding.WebP webp) {
      return WebPFile.of(picture, webp, extras);
    } else if (encoding instanceof Encoding.Avif avif) {
      return AvifFile.of(picture, avif);
    } else if (encoding instanceof Encoding.Tiff) {
      return TiffFile.of(picture, extras);
    } else if (encoding instanceof Encoding.Gif gif) {
      return GifFile.of(picture, gif);
    } else if (encoding instanceof Encoding.Pdf pdf) {
      return PdfPage.of(picture, bleedPx, pdf, extras);
    } else if (encoding instanceof Encoding.Matte) {
      return PngChunks.with(PictureWriter.mattePng(coverage(picture)), extras);
    } else {
      throw new IllegalArgumentException(
          "layers and lines are not written from a picture as it is");
    }
  }

  /** Every part of a look as a layer, back to front. */
  public static byte[] ofLayers(List<LayerPicture> layers, Picture merged, FileExtras extras) {
    return OpenRaster.of(layers, merged, extras);
  }

  /**
   * A cut line on its sheet.
   *
   * @param picture of the subject alone, without bleed
   */
  public static byte[] ofCutLine(Picture picture, int bleedPx, Encoding.CutLine encoding, int dpi) {
    double mmPerPixel = MM_PER_INCH / dpi;
    // With its bleed, so that a margin beyond the finished size is on the sheet, too.
    Picture sheet = withRoom(picture, bleedPx);
    CutLine line = CutLine.of(coverage(sheet), mmPerPixel, encoding.rules());
    return CutLineSvg.of(line, mmPerPixel * sheet.width(), mmPerPixel * sheet.height());
  }

  /**
   * A cut line as a person judges it: over its subject, with what it leaves out.
   *
   * @param picture of the subject alone, at any size
   * @param widthMm that it has on the sheet
   */
  public static ShownCutLine shownCutLine(Picture picture, CutLineRules rules, double widthMm) {
    double mmPerPixel = widthMm / picture.width();
    CutLine line = CutLine.of(coverage(picture), mmPerPixel, rules);
    return new ShownCutLine(CutLineDrawing.of(picture, line, rules, mmPerPixel), line);
  }

  /**
   * @param picture with the line on it
   */
  public record ShownCutLine(Picture picture, CutLine line) {}

  private static Picture withRoom(Picture picture, int px) {
    return px == 0
        ? picture
        : Resampling.into(
            new Frame(picture.width() + 2 * px, picture.height() + 2 * px),
            picture,
            new Placement(1, px, px));
  }

  static Matte coverage(Picture picture) {
    byte[] coverage = new byte[picture.argb().length];
    for (int i = 0; i < coverage.length; i++) {
      coverage[i] = (byte) (picture.argb()[i] >>> 24);
    }
    return new Matte(picture.width(), picture.height(), coverage);
  }
}

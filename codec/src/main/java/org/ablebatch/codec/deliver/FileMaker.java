package org.ablebatch.codec.deliver;

import java.util.List;
import java.util.Locale;
import org.ablebatch.codec.read.PictureReader;
import org.ablebatch.codec.read.ReadLimits;
import org.ablebatch.codec.read.UnreadablePicture;
import org.ablebatch.codec.write.CannotWrite;
import org.ablebatch.codec.write.EncodedFile;
import org.ablebatch.codec.write.FileExtras;
import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.deliver.Bleed;
import org.ablebatch.core.deliver.Encoding;
import org.ablebatch.core.deliver.FileWords;
import org.ablebatch.core.deliver.Spec;
import org.ablebatch.core.deliver.SpecSize;
import org.ablebatch.core.deliver.Staging;
import org.ablebatch.core.deliver.WeightLimit;
import org.ablebatch.core.dress.DeepDressed;
import org.ablebatch.core.dress.Dressable;
import org.ablebatch.core.dress.Dresser;
import org.ablebatch.core.dress.Frame;
import org.ablebatch.core.dress.LayerPicture;
import org.ablebatch.core.dress.Placement;
import org.ablebatch.core.dress.Placing;
import org.ablebatch.core.dress.Resampling;
import org.ablebatch.core.dress.SubjectMeasures;
import org.ablebatch.core.look.Fill;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.weight.WeightSearch;

/**
 * Makes a picture's file under a spec. The same picture, look and spec always give the same bytes.
 * Safe for use by several threads.
 */
public final class FileMaker {
  private static final int DEEP_BITS = 16;
  private static final double MM_PER_INCH = 25.4;

  private final Dresser dresser;
  private final PictureReader reader = new PictureReader(ReadLimits.DEFAULT);

  public FileMaker(Dresser dresser) {
    this.dresser = dresser;
  }

  /**
   * A file.
   *
   * @param width of its picture, with bleed
   * @param height of its picture, with bleed
   * @param quality that it was written with; null = it has none
   * @param likeness to the picture before it was compressed, where the spec limits the weight; null
   *     = it was not measured
   */
  public record Made(byte[] bytes, int width, int height, Integer quality, Double likeness) {}

  /**
   * @param look the batch's, with what the picture does otherwise
   * @param sharpen what has to be enlarged is made crisp
   * @throws CannotWrite when the spec can't be met, or this machine can't write the format
   */
  public Made make(Dressable dressable, Spec spec, Look look, boolean sharpen, FileWords words) {
    Staging staging = Staging.of(spec, dressable.measures(), look);
    int bleed = spec.size().bleedPx();
    FileExtras extras = new FileExtras(spec.size().dpi(), words);
    String problem = SpecSize.problem(spec.size().whole(dressable.measures()));
    if (problem != null) {
      throw new CannotWrite(problem);
    }
    if (spec.encoding() instanceof Encoding.Tiff tiff && tiff.bits() == DEEP_BITS) {
      DeepDressed dressed =
          dresser.dressDeep(dressable, staging.look(), staging.frame(), staging.placing(), sharpen);
      DeepDressed whole = Bleed.around(dressed, bleed);
      return asItIs(
          EncodedFile.of(whole, extras), new Frame(whole.width(), whole.height()), spec.weight());
    }
    if (spec.encoding() instanceof Encoding.Layers) {
      return layers(dressable, staging, spec, sharpen, extras);
    }
    Picture dressed =
        dresser.dress(
            dressable, seen(spec, staging.look()), staging.frame(), staging.placing(), sharpen);
    if (spec.encoding() instanceof Encoding.CutLine line) {
      Frame sheet = spec.size().whole(dressable.measures());
      return asItIs(
          EncodedFile.ofCutLine(dressed, bleed, line, spec.size().dpi()), sheet, spec.weight());
    }
    Picture picture = Bleed.around(forFormat(dressed, spec), bleed);
    return spec.weight() == null
        ? plain(picture, bleed, spec.encoding(), extras)
        : within(spec.weight(), picture, bleed, spec.encoding(), extras);
  }

  /**
   * What a file will show, small and without bleed.
   *
   * @param small a copy of the picture at any size
   * @param measures of the picture at its own size
   */
  public Picture preview(
      Dressable small, SubjectMeasures measures, Spec spec, Look look, int longestPx) {
    return spec.encoding() instanceof Encoding.CutLine
        ? cutLine(small, measures, spec, look, longestPx).picture()
        : dressed(small, measures, spec, look, longestPx);
  }

  /**
   * A cut line as it will be, traced at the size of the screen: parts much smaller than its pixels
   * may be counted otherwise at full size.
   *
   * @param spec of a cut line
   */
  public EncodedFile.ShownCutLine cutLine(
      Dressable small, SubjectMeasures measures, Spec spec, Look look, int longestPx) {
    double pxPerMm = spec.size().dpi() / MM_PER_INCH;
    double widthMm = Staging.of(spec, measures, look).frame().width() / pxPerMm;
    return EncodedFile.shownCutLine(
        dressed(small, measures, spec, look, longestPx),
        ((Encoding.CutLine) spec.encoding()).rules(),
        widthMm);
  }

  private Picture dressed(
      Dressable small, SubjectMeasures measures, Spec spec, Look look, int longestPx) {
    Staging staging = Staging.of(spec, measures, look);
    Frame frame = staging.frame();
    double scale = Math.min(1, longestPx / (double) Math.max(frame.width(), frame.height()));
    Frame shown = sized(frame, scale);
    double copy = small.cutout().width() / (double) measures.picture().width();
    Placing placing =
        staging.placing() instanceof Placing.Centred centred
            ? new Placing.Centred(centred.scale() * scale / copy)
            : staging.placing();
    return forFormat(dresser.dress(small, seen(spec, staging.look()), shown, placing, false), spec);
  }

  /** A file of which nothing can be given up. */
  private static Made asItIs(byte[] bytes, Frame size, WeightLimit limit) {
    if (limit != null && bytes.length > limit.mostBytes()) {
      throw tooHeavy(bytes.length, null, 1, limit);
    }
    return new Made(bytes, size.width(), size.height(), null, limit == null ? null : 1.0);
  }

  /** A matte and a line show where the subject is and nothing else. */
  private static Look seen(Spec spec, Look look) {
    boolean alone =
        spec.encoding() instanceof Encoding.Matte || spec.encoding() instanceof Encoding.CutLine;
    return alone ? Look.DEFAULT.withPlace(look.subject()) : look;
  }

  private Made layers(
      Dressable dressable, Staging staging, Spec spec, boolean sharpen, FileExtras extras) {
    List<LayerPicture> layers =
        dresser.layered(dressable, staging.look(), staging.frame(), staging.placing(), sharpen);
    Picture merged =
        dresser.dress(dressable, staging.look(), staging.frame(), staging.placing(), sharpen);
    return asItIs(EncodedFile.ofLayers(layers, merged, extras), frameOf(merged), spec.weight());
  }

  /** Where a look cuts a shape out, a format without transparency shows white. */
  private static Picture forFormat(Picture picture, Spec spec) {
    return spec.format().keepsTransparency() || !picture.hasTransparency()
        ? picture
        : Resampling.over(picture, Fill.Solid.WHITE.colour());
  }

  private static Made plain(Picture picture, int bleed, Encoding encoding, FileExtras extras) {
    byte[] bytes = EncodedFile.of(picture, bleed, encoding, extras);
    return new Made(bytes, picture.width(), picture.height(), encoding.quality(), null);
  }

  private Made within(
      WeightLimit limit, Picture picture, int bleed, Encoding encoding, FileExtras extras) {
    WeightSearch.Found found =
        WeightSearch.find(picture, encoding, limit, new Files(picture, bleed, extras));
    if (!found.fits()) {
      throw tooHeavy(found.file().length, found.encoding().quality(), found.likeness(), limit);
    }
    Frame size = sized(frameOf(picture), found.scale());
    return new Made(
        found.file(), size.width(), size.height(), found.encoding().quality(), found.likeness());
  }

  private static CannotWrite tooHeavy(
      long bytes, Integer quality, double likeness, WeightLimit limit) {
    return new CannotWrite(
        String.format(
            Locale.ROOT,
            "%,d bytes at best, %,d allowed (%slikeness %.3f)",
            bytes,
            limit.mostBytes(),
            quality == null ? "" : "quality " + quality + ", ",
            likeness));
  }

  private static Frame frameOf(Picture picture) {
    return new Frame(picture.width(), picture.height());
  }

  private static Frame sized(Frame frame, double scale) {
    return new Frame(
        (int) Math.max(1, Math.round(scale * frame.width())),
        (int) Math.max(1, Math.round(scale * frame.height())));
  }

  /** Files of one picture, as they are tried. */
  private final class Files implements WeightSearch.Press {
    private final Picture whole;
    private final int bleed;
    private final FileExtras extras;

    Files(Picture whole, int bleed, FileExtras extras) {
      this.whole = whole;
      this.bleed = bleed;
      this.extras = extras;
    }

    @Override
    public byte[] file(Picture picture, Encoding encoding) {
      return EncodedFile.of(picture, bleed, encoding, extras);
    }

    @Override
    public Picture opened(Picture picture, byte[] file, Encoding encoding) {
      if (encoding instanceof Encoding.Pdf pdf) {
        return pdf.quality() == null ? picture : read(PictureWriter.jpeg(picture, pdf.quality()));
      }
      return read(file);
    }

    @Override
    public Picture smaller(double scale) {
      return Resampling.into(sized(frameOf(whole), scale), whole, new Placement(scale, 0, 0));
    }

    private Picture read(byte[] file) {
      try {
        return reader.read(file).picture();
      } catch (UnreadablePicture e) {
        throw new IllegalStateException("a file that was just written can’t be read", e);
      }
    }
  }
}

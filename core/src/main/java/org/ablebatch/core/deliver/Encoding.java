package org.ablebatch.core.deliver;

import org.ablebatch.core.cutline.CutLineRules;
import org.ablebatch.core.look.Colour;

/** A file format with what belongs to it. */
public sealed interface Encoding {
  int DEFAULT_QUALITY = 90;

  OutputFormat format();

  /** 1..100; null where the format, or the way it is used, has none. */
  default Integer quality() {
    return null;
  }

  /** The same at another quality; itself where there is none. */
  default Encoding atQuality(int quality) {
    return this;
  }

  /** When a PNG has a palette. */
  enum Palette {
    /** Where no colour is lost by it. */
    WHEN_EXACT,
    ALWAYS,
    NEVER
  }

  /** What of the colours a JPEG keeps. */
  enum Chroma {
    FULL,
    HALF
  }

  /** 8 bits a channel. */
  record Png(Palette palette) implements Encoding {
    @Override
    public OutputFormat format() {
      return OutputFormat.PNG;
    }
  }

  /**
   * @param quality 1..100
   */
  record Jpeg(Integer quality, Chroma chroma, boolean progressive) implements Encoding {
    public Jpeg {
      requireQuality(quality);
    }

    @Override
    public OutputFormat format() {
      return OutputFormat.JPEG;
    }

    @Override
    public Encoding atQuality(int other) {
      return new Jpeg(other, chroma, progressive);
    }
  }

  /**
   * @param quality 1..100; null = lossless
   */
  record WebP(Integer quality) implements Encoding {
    public WebP {
      if (quality != null) {
        requireQuality(quality);
      }
    }

    @Override
    public OutputFormat format() {
      return OutputFormat.WEBP;
    }

    @Override
    public Encoding atQuality(int other) {
      return quality == null ? this : new WebP(other);
    }
  }

  /**
   * @param quality 1..100
   */
  record Avif(Integer quality) implements Encoding {
    public Avif {
      requireQuality(quality);
    }

    @Override
    public OutputFormat format() {
      return OutputFormat.AVIF;
    }

    @Override
    public Encoding atQuality(int other) {
      return new Avif(other);
    }
  }

  /**
   * Deflate, with transparency where there is any.
   *
   * @param bits of a channel, 8 or 16
   */
  record Tiff(int bits) implements Encoding {
    public Tiff {
      if (bits != 8 && bits != 16) {
        throw new InvalidSpec("bits", "A TIFF has 8 or 16 bits, not " + bits);
      }
    }

    @Override
    public OutputFormat format() {
      return OutputFormat.TIFF;
    }
  }

  /**
   * At most 256 colours; a pixel is there or it is not.
   *
   * @param edge what half-covered pixels are laid on
   */
  record Gif(Colour edge) implements Encoding {
    @Override
    public OutputFormat format() {
      return OutputFormat.GIF;
    }
  }

  /**
   * A page for print.
   *
   * @param quality 1..100 of the picture in it; null = lossless
   * @param cropMarks marks outside of the bleed
   */
  record Pdf(Integer quality, boolean cropMarks) implements Encoding {
    public Pdf {
      if (quality != null) {
        requireQuality(quality);
      }
    }

    @Override
    public OutputFormat format() {
      return OutputFormat.PDF;
    }

    @Override
    public Encoding atQuality(int other) {
      return quality == null ? this : new Pdf(other, cropMarks);
    }
  }

  /** OpenRaster: every part of the look is a layer. */
  record Layers() implements Encoding {
    @Override
    public OutputFormat format() {
      return OutputFormat.ORA;
    }
  }

  /** The subject's coverage as a grey PNG: 0 = backdrop, 255 = subject. */
  record Matte() implements Encoding {
    @Override
    public OutputFormat format() {
      return OutputFormat.MATTE;
    }
  }

  /** The line that cuts the subject out of a printed sheet, as SVG in millimetres. */
  record CutLine(CutLineRules rules) implements Encoding {
    @Override
    public OutputFormat format() {
      return OutputFormat.CUT_LINE;
    }
  }

  private static void requireQuality(int quality) {
    if (quality < 1 || quality > 100) {
      throw new InvalidSpec("quality", "Quality goes from 1 to 100, not " + quality);
    }
  }
}

package org.ablebatch.codec.spec;

import java.util.Locale;
import org.ablebatch.core.cutline.CutLineRules;
import org.ablebatch.core.deliver.Encoding;
import org.ablebatch.core.deliver.InvalidSpec;
import org.ablebatch.core.deliver.OutputFormat;
import org.ablebatch.core.look.Colour;
import org.ablebatch.core.look.Fill;

/** What of a spec's entry is about its format. */
final class EncodingEntry {
  private static final int EIGHT_BITS = 8;
  private static final double USUAL_OFFSET_MM = 2;
  private static final double USUAL_LEAST_MM = 1;

  private EncodingEntry() {}

  static Encoding of(SpecEntry entry) {
    int quality = entry.quality() == null ? Encoding.DEFAULT_QUALITY : entry.quality();
    Integer unlessLossless = Boolean.TRUE.equals(entry.lossless()) ? null : quality;
    return switch (format(entry)) {
      case PNG -> new Encoding.Png(palette(entry.palette()));
      case JPEG ->
          new Encoding.Jpeg(
              quality, chroma(entry.chroma()), Boolean.TRUE.equals(entry.progressive()));
      case WEBP -> new Encoding.WebP(unlessLossless);
      case AVIF -> new Encoding.Avif(quality);
      case TIFF -> new Encoding.Tiff(entry.bits() == null ? EIGHT_BITS : entry.bits());
      case GIF -> new Encoding.Gif(edge(entry.edge()));
      case PDF -> new Encoding.Pdf(unlessLossless, Boolean.TRUE.equals(entry.cropMarks()));
      case ORA -> new Encoding.Layers();
      case MATTE -> new Encoding.Matte();
      case CUT_LINE -> new Encoding.CutLine(cutLine(entry));
    };
  }

  private static OutputFormat format(SpecEntry entry) {
    try {
      return OutputFormat.valueOf(String.valueOf(entry.format()).toUpperCase(Locale.ROOT));
    } catch (IllegalArgumentException e) {
      throw new InvalidSpec(
          "format",
          "“"
              + entry.format()
              + "” is not a format; use PNG, JPEG, WEBP, AVIF, TIFF, GIF, PDF, ORA, MATTE or CUT_LINE");
    }
  }

  private static Encoding.Palette palette(String palette) {
    return switch (palette == null ? "exact" : palette) {
      case "exact" -> Encoding.Palette.WHEN_EXACT;
      case "always" -> Encoding.Palette.ALWAYS;
      case "never" -> Encoding.Palette.NEVER;
      default ->
          throw new InvalidSpec("palette", "“" + palette + "” is not exact, always or never");
    };
  }

  private static Encoding.Chroma chroma(String chroma) {
    return switch (chroma == null ? "half" : chroma) {
      case "full" -> Encoding.Chroma.FULL;
      case "half" -> Encoding.Chroma.HALF;
      default -> throw new InvalidSpec("chroma", "“" + chroma + "” is not full or half");
    };
  }

  private static CutLineRules cutLine(SpecEntry entry) {
    try {
      return new CutLineRules(
          entry.offsetMm() == null ? USUAL_OFFSET_MM : entry.offsetMm(),
          entry.leastMm() == null ? USUAL_LEAST_MM : entry.leastMm(),
          small(entry.smallParts()),
          Boolean.TRUE.equals(entry.holes()));
    } catch (IllegalArgumentException e) {
      String field = e.getMessage().substring(0, e.getMessage().indexOf(':'));
      throw new InvalidSpec(field, "A cut line’s " + e.getMessage());
    }
  }

  private static CutLineRules.Small small(String small) {
    return switch (small == null ? "join" : small) {
      case "join" -> CutLineRules.Small.JOIN;
      case "drop" -> CutLineRules.Small.DROP;
      case "keep" -> CutLineRules.Small.KEEP;
      default -> throw new InvalidSpec("smallParts", "“" + small + "” is not join, drop or keep");
    };
  }

  private static Colour edge(String edge) {
    try {
      return edge == null ? Fill.Solid.WHITE.colour() : Colour.parse(edge);
    } catch (IllegalArgumentException e) {
      throw new InvalidSpec("edge", e.getMessage());
    }
  }
}

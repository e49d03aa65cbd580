package org.ablebatch.codec.spec;

import java.util.List;
import org.ablebatch.core.deliver.Fit;
import org.ablebatch.core.deliver.InvalidSpec;
import org.ablebatch.core.deliver.Spec;
import org.ablebatch.core.deliver.SpecSize;
import org.ablebatch.core.deliver.Unit;
import org.ablebatch.core.deliver.WeightLimit;
import org.ablebatch.core.look.Fill;
import org.ablebatch.core.naming.NameRules;

/**
 * A spec as JSON. Everything may be left out but the name, the format, and the width and height of
 * an exact or printed size.
 *
 * @param name how people call it
 * @param size exact, print, original or trimmed; left out = print where there is a unit, else exact
 * @param width pixels, or in the unit of a print
 * @param height pixels, or in the unit of a print
 * @param unit of a print: mm or in
 * @param dpi dots an inch that the file says it has; a print and a page need them
 * @param bleedMm beyond each side of a print; left out = 0
 * @param marginPx around a trimmed subject; left out = 0
 * @param longestPx of an original or trimmed size: made smaller where it has more
 * @param fit look, share or cover; left out = look
 * @param sharePercent of the frame that the subject fills, for share
 * @param enlarge false = what has too few pixels stays smaller; left out = true
 * @param format PNG, JPEG, WEBP, AVIF, TIFF, GIF, PDF, ORA (layers), MATTE (coverage in grey) or
 *     CUT_LINE (a blade's line as SVG)
 * @param quality 1..100; left out = 90
 * @param lossless of WEBP and PDF
 * @param chroma of JPEG: full or half; left out = half
 * @param progressive of JPEG
 * @param palette of PNG: exact, always or never; left out = exact
 * @param bits of TIFF: 8 or 16; left out = 8
 * @param edge of GIF: #RRGGBB on which half-covered pixels lie; left out = white
 * @param cropMarks of PDF
 * @param offsetMm of a cut line outwards, -20..50; left out = 2
 * @param leastMm that the blade can cut, 0..50; left out = 1
 * @param smallParts join, drop or keep, for parts below that; left out = join
 * @param holes whether holes are cut
 * @param mostBytes that the file may weigh; left out = any
 * @param leastLikeness that it keeps for that, 0 to below 1; left out = 0.9
 * @param maySmaller it may become smaller for that
 * @param backdrop transparent or #RRGGBB; left out = the look's, white where the format keeps no
 *     transparency
 * @param marginPercent 0..45; left out = the look's
 * @param fileName parts of the file's name; left out = original name, _, spec
 * @param names how the name is written; left out = as it comes, at most 120 characters
 */
public record SpecEntry(
    String name,
    String size,
    Double width,
    Double height,
    String unit,
    Integer dpi,
    Double bleedMm,
    Integer marginPx,
    Integer longestPx,
    String fit,
    Double sharePercent,
    Boolean enlarge,
    String format,
    Integer quality,
    Boolean lossless,
    String chroma,
    Boolean progressive,
    String palette,
    Integer bits,
    String edge,
    Boolean cropMarks,
    Double offsetMm,
    Double leastMm,
    String smallParts,
    Boolean holes,
    Long mostBytes,
    Double leastLikeness,
    Boolean maySmaller,
    String backdrop,
    Double marginPercent,
    List<NameEntry> fileName,
    NameRulesEntry names) {

  /** An exact size with the usual of everything else. */
  public static SpecEntry exact(
      String name, double width, double height, String format, Integer quality, String backdrop) {
    return new SpecEntry(
        name, null, width, height, null, null, null, null, null, null, null, null, format, quality,
        null, null, null, null, null, null, null, null, null, null, null, null, null, null,
        backdrop, null, null, null);
  }

  /** What a file's bytes depend on: how it is called is not among it. */
  public SpecEntry withoutNames() {
    return new SpecEntry(
        null,
        size,
        width,
        height,
        unit,
        dpi,
        bleedMm,
        marginPx,
        longestPx,
        fit,
        sharePercent,
        enlarge,
        format,
        quality,
        lossless,
        chroma,
        progressive,
        palette,
        bits,
        edge,
        cropMarks,
        offsetMm,
        leastMm,
        smallParts,
        holes,
        mostBytes,
        leastLikeness,
        maySmaller,
        backdrop,
        marginPercent,
        null,
        null);
  }

  /**
   * @throws InvalidSpec naming the field that is wrong
   */
  public Spec toSpec() {
    return new Spec(
        name,
        toSize(),
        toFit(),
        !Boolean.FALSE.equals(enlarge),
        EncodingEntry.of(this),
        mostBytes == null
            ? null
            : new WeightLimit(
                mostBytes,
                leastLikeness == null ? WeightLimit.DEFAULT_LIKENESS : leastLikeness,
                Boolean.TRUE.equals(maySmaller)),
        fill(),
        marginPercent,
        fileName == null || fileName.isEmpty() ? Spec.DEFAULT_NAME : NameEntry.toParts(fileName),
        names == null ? NameRules.DEFAULT : names.toRules());
  }

  private SpecSize toSize() {
    String kind = size != null ? size : unit != null ? "print" : "exact";
    return switch (kind) {
      case "exact" -> new SpecSize.Pixels(pixels("width", width), pixels("height", height), dpi);
      case "print" ->
          new SpecSize.Print(
              given("width", width),
              given("height", height),
              toUnit(),
              dpi,
              bleedMm == null ? 0 : bleedMm);
      case "original" -> new SpecSize.Original(longestPx, dpi);
      case "trimmed" -> new SpecSize.Trimmed(marginPx == null ? 0 : marginPx, longestPx, dpi);
      default ->
          throw new InvalidSpec("size", "“" + kind + "” is not exact, print, original or trimmed");
    };
  }

  private Unit toUnit() {
    return switch (String.valueOf(unit)) {
      case "mm" -> Unit.MILLIMETRE;
      case "in" -> Unit.INCH;
      default -> throw new InvalidSpec("unit", "A printed size is in mm or in, not “" + unit + "”");
    };
  }

  private Fit toFit() {
    return switch (fit == null ? "look" : fit) {
      case "look" -> Fit.BY_LOOK;
      case "cover" -> new Fit.Cover();
      case "share" -> new Fit.Share(given("sharePercent", sharePercent));
      default -> throw new InvalidSpec("fit", "“" + fit + "” is not look, share or cover");
    };
  }

  private Fill fill() {
    try {
      return backdrop == null ? null : Fill.parse(backdrop);
    } catch (IllegalArgumentException e) {
      throw new InvalidSpec("backdrop", e.getMessage());
    }
  }

  private static double given(String field, Double value) {
    if (value == null) {
      throw new InvalidSpec(field, "A spec needs a " + field);
    }
    return value;
  }

  private static int pixels(String field, Double value) {
    if (value == null) {
      throw new InvalidSpec(field, "A spec needs a " + field + " in pixels");
    }
    if (value != Math.rint(value) || Math.abs(value) > Integer.MAX_VALUE) {
      throw new InvalidSpec(field, "The " + field + " is a whole number of pixels, not " + value);
    }
    return value.intValue();
  }
}

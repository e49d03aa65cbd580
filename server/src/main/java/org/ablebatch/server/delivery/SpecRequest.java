package org.ablebatch.server.delivery;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Locale;
import org.ablebatch.core.deliver.InvalidSpec;
import org.ablebatch.core.deliver.NamePart;
import org.ablebatch.core.deliver.OutputFormat;
import org.ablebatch.core.deliver.Spec;
import org.ablebatch.core.look.Fill;

/**
 * A spec on the wire.
 *
 * @param name how people call it
 * @param width exact pixels
 * @param height exact pixels
 * @param format PNG, JPEG or WEBP
 * @param quality 1..100; left out = 90
 * @param backdrop transparent or #RRGGBB; left out = the batch's look, white where the format has
 *     no transparency
 * @param marginPercent 0..45; left out = the batch's look
 * @param fileName parts of the file's name; left out = original name, hyphen, spec
 */
@Schema(name = "Spec")
public record SpecRequest(
    String name,
    Integer width,
    Integer height,
    String format,
    Integer quality,
    String backdrop,
    Double marginPercent,
    List<PartRequest> fileName) {

  /**
   * @param part original-name, code, group, spec, size, counter or text
   * @param text for text
   * @param digits for counter; left out = 3
   */
  @Schema(name = "NamePart")
  public record PartRequest(String part, String text, Integer digits) {
    NamePart toPart() {
      return switch (part == null ? "" : part) {
        case "original-name" -> new NamePart.OriginalName();
        case "code" -> new NamePart.Code();
        case "group" -> new NamePart.Group();
        case "spec" -> new NamePart.SpecName();
        case "size" -> new NamePart.Size();
        case "counter" -> new NamePart.Counter(digits == null ? 3 : digits);
        case "text" -> new NamePart.Text(text);
        default ->
            throw new InvalidSpec(
                "fileName",
                "A name part is original-name, code, group, spec, size, counter or text");
      };
    }
  }

  /**
   * @throws InvalidSpec naming the field that is wrong
   */
  public Spec toSpec() {
    return new Spec(
        name,
        required("width", width),
        required("height", height),
        outputFormat(),
        quality == null ? Spec.DEFAULT_QUALITY : quality,
        fill(),
        marginPercent,
        fileName == null || fileName.isEmpty()
            ? Spec.DEFAULT_NAME
            : fileName.stream().map(PartRequest::toPart).toList());
  }

  private static int required(String field, Integer value) {
    if (value == null) {
      throw new InvalidSpec(field, "A spec needs a " + field + " in pixels");
    }
    return value;
  }

  private OutputFormat outputFormat() {
    try {
      return OutputFormat.valueOf(String.valueOf(format).toUpperCase(Locale.ROOT));
    } catch (IllegalArgumentException e) {
      throw new InvalidSpec("format", "“" + format + "” is not a format; use PNG, JPEG or WEBP");
    }
  }

  private Fill fill() {
    try {
      return backdrop == null ? null : Fill.parse(backdrop);
    } catch (IllegalArgumentException e) {
      throw new InvalidSpec("backdrop", e.getMessage());
    }
  }
}

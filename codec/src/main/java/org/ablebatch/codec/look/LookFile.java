package org.ablebatch.codec.look;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import org.ablebatch.core.look.InvalidLook;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.look.Part;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.exc.InvalidTypeIdException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;
import tools.jackson.databind.json.JsonMapper;

/**
 * A look as a JSON file, as docs/look-file.md describes it.
 *
 * @param name how people call the look
 */
public record LookFile(String name, Look look) {
  public static final String FORMAT = "able-batch-look";
  public static final int VERSION = 1;

  /** More than this is no look. */
  public static final int MOST_BYTES = 1_000_000;

  private static final int LONGEST_NAME = 80;
  private static final JsonMapper JSON = LookJson.mapper();

  public LookFile {
    Objects.requireNonNull(look, "look");
    if (name == null || name.isBlank()) {
      throw new InvalidLook("name", "a look needs a name");
    }
    if (name.length() > LONGEST_NAME) {
      throw new InvalidLook("name", "a look’s name has at most " + LONGEST_NAME + " characters");
    }
  }

  /** What stands in the file, in its order. */
  private record Content(String format, Integer version, String name, List<Part> parts) {}

  /**
   * @throws InvalidLook naming the field, when it is no look file of this version
   */
  public static LookFile read(byte[] bytes) {
    if (bytes.length > MOST_BYTES) {
      throw new InvalidLook("file", "has more than 1 MB; a look is a small file");
    }
    Version version = parse(bytes, Version.class);
    if (!FORMAT.equals(version.format())) {
      throw new InvalidLook("format", "expected “" + FORMAT + "”: this is no look file");
    }
    if (version.version() == null || version.version() < 1) {
      throw new InvalidLook("version", "expected " + VERSION);
    }
    if (version.version() > VERSION) {
      throw new InvalidLook(
          "version",
          "is " + version.version() + ", newer than the " + VERSION + " that is understood here");
    }
    Content content = parse(bytes, Content.class);
    return new LookFile(content.name(), new Look(content.parts()));
  }

  /** Only what says whether the rest can be understood. */
  @com.fasterxml.jackson.annotation.JsonIgnoreProperties(ignoreUnknown = true)
  private record Version(String format, Integer version) {}

  public byte[] write() {
    return JSON.writerWithDefaultPrettyPrinter()
        .writeValueAsBytes(new Content(FORMAT, VERSION, name, look.parts()));
  }

  /** The parts alone, compact and always the same for the same look. */
  public static String partsOf(Look look) {
    return JSON.writeValueAsString(look.parts());
  }

  /** What {@link #partsOf} wrote, or what a request brings. */
  public static Look ofParts(String json) {
    return new Look(Arrays.asList(parse(json.getBytes(StandardCharsets.UTF_8), Part[].class)));
  }

  private static <T> T parse(byte[] bytes, Class<T> type) {
    T value;
    try {
      value = JSON.readValue(bytes, type);
    } catch (JacksonException e) {
      throw invalid(e);
    }
    if (value == null) {
      throw new InvalidLook("file", "is empty");
    }
    return value;
  }

  private static InvalidLook invalid(JacksonException e) {
    String path = path(e.getPath());
    for (Throwable cause = e; cause != null; cause = cause.getCause()) {
      if (cause instanceof InvalidLook inner) {
        return new InvalidLook(joined(path, inner.field()), inner.getMessage());
      }
    }
    if (e instanceof UnrecognizedPropertyException) {
      return new InvalidLook(path, "is not known here");
    }
    if (e instanceof InvalidTypeIdException kind) {
      return new InvalidLook(
          joined(path, "kind"),
          kind.getTypeId() == null ? "is missing" : "“" + kind.getTypeId() + "” is not known here");
    }
    return new InvalidLook(
        path.isEmpty() ? "file" : path,
        path.isEmpty() ? "is not the JSON of a look" : "has a value of another kind, or none");
  }

  private static String joined(String path, String field) {
    return path.isEmpty() || field.isEmpty() ? path + field : path + "." + field;
  }

  private static String path(List<JacksonException.Reference> references) {
    StringBuilder out = new StringBuilder();
    for (JacksonException.Reference reference : references) {
      if (reference.getPropertyName() == null) {
        out.append(out.isEmpty() ? "parts" : "")
            .append('[')
            .append(reference.getIndex())
            .append(']');
      } else {
        out.append(out.isEmpty() ? "" : ".").append(reference.getPropertyName());
      }
    }
    return out.toString();
  }
}

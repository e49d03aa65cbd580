package org.ablebatch.codec.spec;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Objects;
import org.ablebatch.core.deliver.InvalidSpec;
import org.ablebatch.core.deliver.Spec;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.exc.UnrecognizedPropertyException;
import tools.jackson.databind.json.JsonMapper;

/**
 * Specs as a JSON file, as docs/spec-file.md describes it.
 *
 * @param specs 1..{@value #MOST_SPECS}
 */
public record SpecFile(List<SpecEntry> specs) {
  public static final String FORMAT = "able-batch-specs";
  public static final int VERSION = 1;
  public static final int MOST_SPECS = 40;
  public static final int MOST_BYTES = 1_000_000;

  private static final String SHIPPED = "/specs/common-specs.json";
  private static final JsonMapper JSON =
      JsonMapper.builder()
          .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
          .enable(SerializationFeature.INDENT_OUTPUT)
          .changeDefaultPropertyInclusion(
              inclusion -> inclusion.withValueInclusion(JsonInclude.Include.NON_NULL))
          .build();

  private record Content(String format, Integer version, List<SpecEntry> specs) {}

  @JsonIgnoreProperties(ignoreUnknown = true)
  private record Version(String format, Integer version) {}

  /**
   * @throws InvalidSpec naming the field, when it is no file of specs of this version or one of
   *     them can't be met by any file
   */
  public static SpecFile read(byte[] bytes) {
    if (bytes.length > MOST_BYTES) {
      throw new InvalidSpec("file", "It has more than 1 MB; a file of specs is small");
    }
    Version version = parse(bytes, Version.class);
    if (!FORMAT.equals(version.format())) {
      throw new InvalidSpec("format", "Expected “" + FORMAT + "”: this is no file of specs");
    }
    if (version.version() == null || version.version() < 1) {
      throw new InvalidSpec("version", "Expected version " + VERSION);
    }
    if (version.version() > VERSION) {
      throw new InvalidSpec(
          "version",
          "It has version %d, newer than the %d that is understood here"
              .formatted(version.version(), VERSION));
    }
    SpecFile file = new SpecFile(parse(bytes, Content.class).specs());
    file.toSpecs();
    return file;
  }

  /** The specs that ship: common sizes by what they are for. */
  public static SpecFile shipped() {
    try (InputStream in = Objects.requireNonNull(SpecFile.class.getResourceAsStream(SHIPPED))) {
      return read(in.readAllBytes());
    } catch (IOException e) {
      throw new UncheckedIOException("the shipped specs can’t be read", e);
    }
  }

  /** The file's bytes; what is left out stays out. */
  public byte[] bytes() {
    return JSON.writeValueAsBytes(new Content(FORMAT, VERSION, specs));
  }

  /**
   * @throws InvalidSpec naming the spec and the field
   */
  public List<Spec> toSpecs() {
    return toSpecs(specs);
  }

  /**
   * @param entries null counts as none
   * @throws InvalidSpec naming the spec and the field
   */
  public static List<Spec> toSpecs(List<SpecEntry> entries) {
    if (entries == null || entries.isEmpty() || entries.size() > MOST_SPECS) {
      throw new InvalidSpec("specs", "There are 1 to " + MOST_SPECS + " specs");
    }
    if (entries.stream().anyMatch(Objects::isNull)) {
      throw new InvalidSpec("specs", "One of the specs is empty");
    }
    return entries.stream().map(SpecEntry::toSpec).toList();
  }

  private static <T> T parse(byte[] bytes, Class<T> as) {
    try {
      T value = JSON.readValue(bytes, as);
      if (value == null) {
        throw new InvalidSpec("file", "It is empty");
      }
      return value;
    } catch (UnrecognizedPropertyException e) {
      throw new InvalidSpec(
          e.getPropertyName(),
          "“" + e.getPropertyName() + "” is not known here; a newer version may have written it");
    } catch (JacksonException e) {
      throw new InvalidSpec(field(e), "This is no file of specs: " + e.getOriginalMessage());
    }
  }

  private static String field(JacksonException e) {
    return e.getPath().stream()
        .map(reference -> reference.getPropertyName())
        .filter(Objects::nonNull)
        .reduce((first, last) -> last)
        .orElse("file");
  }
}

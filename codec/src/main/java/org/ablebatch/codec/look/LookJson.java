package org.ablebatch.codec.look;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.stream.Stream;
import org.ablebatch.core.look.Backdrop;
import org.ablebatch.core.look.CastShadow;
import org.ablebatch.core.look.Colour;
import org.ablebatch.core.look.ContactShadow;
import org.ablebatch.core.look.DropShadow;
import org.ablebatch.core.look.Fill;
import org.ablebatch.core.look.Lettering;
import org.ablebatch.core.look.Mark;
import org.ablebatch.core.look.Mask;
import org.ablebatch.core.look.Outline;
import org.ablebatch.core.look.OwnShadow;
import org.ablebatch.core.look.Reflection;
import org.ablebatch.core.look.Setting;
import org.ablebatch.core.look.SubjectPlace;
import org.ablebatch.core.look.Tone;
import org.ablebatch.core.look.Word;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.cfg.EnumFeature;
import tools.jackson.databind.json.JsonMapper;

/** How core's records of a look stand in JSON; core itself knows nothing of it. */
final class LookJson {
  private LookJson() {}

  /** Name of a kind of part; null = it has none. */
  static String kindOf(Class<?> kind) {
    return Stream.of(SettingKinds.class.getAnnotation(JsonSubTypes.class).value())
        .filter(type -> type.value() == kind)
        .map(JsonSubTypes.Type::name)
        .findFirst()
        .orElse(null);
  }

  static JsonMapper mapper() {
    return JsonMapper.builder()
        .addMixIn(Setting.class, SettingKinds.class)
        .addMixIn(Fill.class, FillKinds.class)
        .addMixIn(Word.class, WordKinds.class)
        .addMixIn(Colour.class, ColourText.class)
        .enable(MapperFeature.ACCEPT_CASE_INSENSITIVE_ENUMS)
        .enable(EnumFeature.WRITE_ENUMS_TO_LOWERCASE)
        .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
        .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
        .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
        .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
        .build();
  }

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Backdrop.class, name = "backdrop"),
    @JsonSubTypes.Type(value = CastShadow.class, name = "cast-shadow"),
    @JsonSubTypes.Type(value = ContactShadow.class, name = "contact-shadow"),
    @JsonSubTypes.Type(value = DropShadow.class, name = "drop-shadow"),
    @JsonSubTypes.Type(value = OwnShadow.class, name = "own-shadow"),
    @JsonSubTypes.Type(value = Reflection.class, name = "reflection"),
    @JsonSubTypes.Type(value = SubjectPlace.class, name = "subject"),
    @JsonSubTypes.Type(value = Outline.class, name = "outline"),
    @JsonSubTypes.Type(value = Tone.class, name = "tone"),
    @JsonSubTypes.Type(value = Lettering.class, name = "text"),
    @JsonSubTypes.Type(value = Mark.class, name = "picture"),
    @JsonSubTypes.Type(value = Mask.class, name = "frame")
  })
  private interface SettingKinds {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Fill.Clear.class, name = "none"),
    @JsonSubTypes.Type(value = Fill.Solid.class, name = "colour"),
    @JsonSubTypes.Type(value = Fill.Gradient.class, name = "gradient"),
    @JsonSubTypes.Type(value = Fill.Sweep.class, name = "sweep"),
    @JsonSubTypes.Type(value = Fill.Image.class, name = "picture"),
    @JsonSubTypes.Type(value = Fill.Photograph.class, name = "photograph")
  })
  private interface FillKinds {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Word.Fixed.class, name = "words"),
    @JsonSubTypes.Type(value = Word.Code.class, name = "code"),
    @JsonSubTypes.Type(value = Word.Group.class, name = "group"),
    @JsonSubTypes.Type(value = Word.FileName.class, name = "file-name"),
    @JsonSubTypes.Type(value = Word.Column.class, name = "column")
  })
  private interface WordKinds {}

  private abstract static class ColourText {
    @JsonCreator
    static Colour parse(String text) {
      throw new UnsupportedOperationException("only names what Jackson is to call: " + text);
    }

    @JsonValue
    abstract String text();
  }
}

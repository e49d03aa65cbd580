package org.ablebatch.server.picture;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import java.util.LinkedHashMap;
import java.util.Map;
import org.hibernate.annotations.Immutable;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** What a list says of a picture, column by column, as JSON. */
// Values are replaced, never changed: without this Hibernate copies each by writing and reading it.
@Immutable
@Converter
public class ColumnsConverter implements AttributeConverter<Map<String, String>, String> {
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final TypeReference<LinkedHashMap<String, String>> TEXTS =
      new TypeReference<>() {};

  @Override
  public String convertToDatabaseColumn(Map<String, String> columns) {
    return columns == null || columns.isEmpty() ? null : JSON.writeValueAsString(columns);
  }

  @Override
  public Map<String, String> convertToEntityAttribute(String text) {
    return text == null ? Map.of() : JSON.readValue(text, TEXTS);
  }
}

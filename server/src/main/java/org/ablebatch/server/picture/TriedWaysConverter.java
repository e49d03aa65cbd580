package org.ablebatch.server.picture;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import java.util.List;
import org.hibernate.annotations.Immutable;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** The ways stand in the database as the list that the API shows. */
// Values are replaced, never changed: without this Hibernate copies each by writing and reading it.
@Immutable
@Converter
class TriedWaysConverter implements AttributeConverter<List<TriedWay>, String> {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  @Override
  public String convertToDatabaseColumn(List<TriedWay> ways) {
    return ways == null || ways.isEmpty() ? null : JSON.writeValueAsString(ways);
  }

  @Override
  public List<TriedWay> convertToEntityAttribute(String text) {
    return text == null ? List.of() : JSON.readValue(text, new TypeReference<>() {});
  }
}

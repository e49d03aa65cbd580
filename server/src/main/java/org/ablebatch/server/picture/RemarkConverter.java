package org.ablebatch.server.picture;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import org.hibernate.annotations.Immutable;
import tools.jackson.databind.json.JsonMapper;

/** Remarks stand in the database as the API shows them. */
// Values are replaced, never changed: without this Hibernate copies each by writing and reading it.
@Immutable
@Converter
public class RemarkConverter implements AttributeConverter<Remark, String> {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  @Override
  public String convertToDatabaseColumn(Remark remark) {
    return remark == null || remark.saysNothing() ? null : JSON.writeValueAsString(remark);
  }

  @Override
  public Remark convertToEntityAttribute(String text) {
    return text == null ? null : JSON.readValue(text, Remark.class);
  }
}

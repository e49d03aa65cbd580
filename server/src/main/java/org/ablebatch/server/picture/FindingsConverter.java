package org.ablebatch.server.picture;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import java.util.List;
import org.ablebatch.core.finding.Finding;
import org.hibernate.annotations.Immutable;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Findings stand in the database as the list that the API shows. */
// Values are replaced, never changed: without this Hibernate copies each by writing and reading it.
@Immutable
@Converter
class FindingsConverter implements AttributeConverter<List<Finding>, String> {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  @Override
  public String convertToDatabaseColumn(List<Finding> findings) {
    return findings == null
        ? null
        : JSON.writeValueAsString(findings.stream().map(FindingView::of).toList());
  }

  @Override
  public List<Finding> convertToEntityAttribute(String text) {
    return text == null
        ? null
        : JSON.readValue(text, new TypeReference<List<FindingView>>() {}).stream()
            .map(FindingView::toFinding)
            .toList();
  }
}

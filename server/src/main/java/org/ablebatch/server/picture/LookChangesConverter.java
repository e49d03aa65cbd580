package org.ablebatch.server.picture;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import java.util.List;
import org.ablebatch.codec.look.LookFile;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.look.Part;
import org.hibernate.annotations.Immutable;

/** Changed parts of a look stand in the database as in a look file. */
// Values are replaced, never changed: without this Hibernate copies each by writing and reading it.
@Immutable
@Converter
public class LookChangesConverter implements AttributeConverter<List<Part>, String> {
  @Override
  public String convertToDatabaseColumn(List<Part> parts) {
    return parts == null || parts.isEmpty() ? null : LookFile.partsOf(new Look(parts));
  }

  @Override
  public List<Part> convertToEntityAttribute(String text) {
    return text == null ? List.of() : LookFile.ofParts(text).parts();
  }
}

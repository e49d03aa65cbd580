package org.ablebatch.server.picture;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import org.ablebatch.core.line.PictureState;

/** States stand in the database under the names of the API. */
@Converter(autoApply = true)
public class StateConverter implements AttributeConverter<PictureState, String> {
  @Override
  public String convertToDatabaseColumn(PictureState state) {
    return state == null ? null : state.wireName();
  }

  @Override
  public PictureState convertToEntityAttribute(String name) {
    return name == null ? null : PictureState.ofWireName(name);
  }
}

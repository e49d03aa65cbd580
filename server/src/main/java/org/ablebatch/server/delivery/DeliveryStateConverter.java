package org.ablebatch.server.delivery;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import java.util.Locale;

/** Delivery states stand in the database under the names of the API. */
@Converter
class DeliveryStateConverter implements AttributeConverter<DeliveryState, String> {
  @Override
  public String convertToDatabaseColumn(DeliveryState state) {
    return state.wireName();
  }

  @Override
  public DeliveryState convertToEntityAttribute(String name) {
    return DeliveryState.valueOf(name.toUpperCase(Locale.ROOT));
  }
}

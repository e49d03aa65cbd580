package org.ablebatch.server.problem;

import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonToken;
import tools.jackson.core.exc.InputCoercionException;
import tools.jackson.core.exc.StreamReadException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.MismatchedInputException;

/**
 * Where a JSON body is not what the API describes: the field, what is expected there, and what
 * came.
 *
 * @param field parts separated by dots, places of a list in brackets; empty = the body itself
 * @param sentence for a person
 */
record Mismatch(String field, String sentence) {
  private static final int MOST_NAMED = 8;

  static Mismatch of(JacksonException e) {
    String field = path(e.getPath());
    String where = field.isEmpty() ? "The body" : field;
    if (e.getCause() instanceof BadInput inside) {
      String whole = field.isEmpty() ? inside.field() : field + "." + inside.field();
      return new Mismatch(whole, inside.getMessage());
    }
    if (e instanceof InputCoercionException) {
      return new Mismatch(field, where + ": a smaller number is expected");
    }
    if (e instanceof StreamReadException) {
      return new Mismatch(
          field,
          "The body is not JSON: it breaks off or goes wrong in line %d, column %d"
              .formatted(e.getLocation().getLineNr(), e.getLocation().getColumnNr()));
    }
    if (e instanceof MismatchedInputException mismatch && mismatch.getTargetType() != null) {
      return new Mismatch(
          field,
          "%s: %s, not %s".formatted(where, expected(mismatch.getTargetType()), came(mismatch)));
    }
    return new Mismatch(field, where + " is not what the API describes");
  }

  private static String path(List<JacksonException.Reference> path) {
    StringBuilder words = new StringBuilder();
    for (JacksonException.Reference step : path) {
      if (step.getPropertyName() == null) {
        words.append('[').append(step.getIndex()).append(']');
      } else {
        words.append(words.isEmpty() ? "" : ".").append(step.getPropertyName());
      }
    }
    return words.toString();
  }

  /** What values of a type look like in a request. */
  static String expected(Class<?> type) {
    if (type == boolean.class || type == Boolean.class) {
      return "true or false";
    }
    if (type == double.class || type == Double.class || type == float.class) {
      return "a number";
    }
    if (Number.class.isAssignableFrom(type) || type.isPrimitive()) {
      return "a whole number";
    }
    if (CharSequence.class.isAssignableFrom(type)) {
      return "a string";
    }
    if (type.isEnum()) {
      return "one of "
          + Arrays.stream(type.getEnumConstants())
              .map(value -> ((Enum<?>) value).name().toLowerCase(Locale.ROOT).replace('_', '-'))
              .collect(Collectors.joining(", "));
    }
    if (Collection.class.isAssignableFrom(type) || type.isArray()) {
      return "a list";
    }
    return "an object" + members(type);
  }

  private static String members(Class<?> type) {
    if (!type.isRecord() || Map.class.isAssignableFrom(type)) {
      return "";
    }
    List<String> names =
        Arrays.stream(type.getRecordComponents()).map(RecordComponent::getName).toList();
    if (names.size() > MOST_NAMED) {
      return " with " + String.join(", ", names.subList(0, MOST_NAMED)) + " and others";
    }
    int last = names.size() - 1;
    return last < 1
        ? " with " + String.join("", names)
        : " with " + String.join(", ", names.subList(0, last)) + " and " + names.get(last);
  }

  private static String came(MismatchedInputException mismatch) {
    if (mismatch instanceof InvalidFormatException format) {
      return BadInput.shown(format.getValue());
    }
    JsonToken token = mismatch.getCurrentToken();
    return switch (Objects.requireNonNullElse(token, JsonToken.NOT_AVAILABLE)) {
      case START_OBJECT, END_OBJECT, PROPERTY_NAME -> "an object";
      case START_ARRAY, END_ARRAY -> "a list";
      case VALUE_STRING -> "a string";
      case VALUE_NUMBER_INT, VALUE_NUMBER_FLOAT -> "a number";
      case VALUE_TRUE, VALUE_FALSE -> "true or false";
      case VALUE_NULL -> "null";
      default -> "this";
    };
  }
}

package org.ablebatch.core.look;

import java.math.BigDecimal;
import java.util.List;

/** Checks at the door of the look's records. */
final class Limits {
  private Limits() {}

  /**
   * @throws InvalidLook when the value is no number or outside
   */
  static void require(String field, double value, double low, double high) {
    if (!(value >= low && value <= high)) {
      throw new InvalidLook(
          field, "expected " + plain(low) + " to " + plain(high) + ", got " + plain(value));
    }
  }

  static void percent(String field, double value) {
    require(field, value, 0, 100);
  }

  static <T> T given(String field, T value) {
    if (value == null) {
      throw new InvalidLook(field, "is missing");
    }
    return value;
  }

  /** A copy, without holes. */
  static <T> List<T> all(String field, List<T> values) {
    given(field, values);
    for (int i = 0; i < values.size(); i++) {
      given(field + "[" + i + "]", values.get(i));
    }
    return List.copyOf(values);
  }

  static String words(String field, String value, int longest) {
    given(field, value);
    if (value.length() > longest) {
      throw new InvalidLook(
          field, "has " + value.length() + " characters; at most " + longest + " are kept");
    }
    return value;
  }

  private static String plain(double value) {
    return Double.isFinite(value)
        ? BigDecimal.valueOf(value).stripTrailingZeros().toPlainString()
        : String.valueOf(value);
  }
}

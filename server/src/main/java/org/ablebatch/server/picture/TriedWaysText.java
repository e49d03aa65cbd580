package org.ablebatch.server.picture;

import java.util.List;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** The ways that competed stand in the database as the list that the API shows. */
final class TriedWaysText {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  private TriedWaysText() {}

  /** Null for none. */
  static String of(List<TriedWay> ways) {
    return ways.isEmpty() ? null : JSON.writeValueAsString(ways);
  }

  /**
   * @param text null = none
   */
  static List<TriedWay> read(String text) {
    return text == null ? List.of() : JSON.readValue(text, new TypeReference<>() {});
  }
}

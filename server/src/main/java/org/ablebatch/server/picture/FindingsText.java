package org.ablebatch.server.picture;

import java.util.List;
import org.ablebatch.core.finding.Finding;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Findings stand in the database as the list that the API shows. */
final class FindingsText {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  private FindingsText() {}

  static String of(List<Finding> findings) {
    return JSON.writeValueAsString(findings.stream().map(FindingView::of).toList());
  }

  /**
   * @param text null = nobody has looked yet
   */
  static List<Finding> read(String text) {
    return text == null
        ? List.of()
        : JSON.readValue(text, new TypeReference<List<FindingView>>() {}).stream()
            .map(FindingView::toFinding)
            .toList();
  }
}

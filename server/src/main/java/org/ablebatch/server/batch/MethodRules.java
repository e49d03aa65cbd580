package org.ablebatch.server.batch;

import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.ablebatch.core.cut.Method;

/**
 * Which groups of a batch are cut by a method of their own. As text: one group a line, the method's
 * wire name first.
 *
 * @param byGroup groups by their names
 */
public record MethodRules(Map<String, Method> byGroup) {
  static final MethodRules NONE = new MethodRules(Map.of());

  public MethodRules {
    byGroup = new TreeMap<>(byGroup);
  }

  /** Empty where the group, or no group at all, is cut as the batch is. */
  public Optional<Method> of(String group) {
    return group == null ? Optional.empty() : Optional.ofNullable(byGroup.get(group));
  }

  /** Wire names by group. */
  Map<String, String> byName() {
    Map<String, String> names = new TreeMap<>();
    byGroup.forEach((group, method) -> names.put(group, method.wireName()));
    return names;
  }

  String toText() {
    return byGroup.entrySet().stream()
        .map(rule -> rule.getValue().wireName() + " " + rule.getKey())
        .collect(Collectors.joining("\n"));
  }

  /**
   * @param text null = no rules
   */
  static MethodRules parse(String text) {
    if (text == null || text.isEmpty()) {
      return NONE;
    }
    return new MethodRules(
        text.lines()
            .map(line -> line.split(" ", 2))
            .collect(Collectors.toMap(parts -> parts[1], parts -> Method.ofWireName(parts[0]))));
  }
}

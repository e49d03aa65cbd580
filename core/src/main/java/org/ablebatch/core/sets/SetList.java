package org.ablebatch.core.sets;

import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * A list that says for file names where they belong. Capitals don't matter, and a name may stand in
 * the list without its ending; a name with its ending goes before one without.
 */
public final class SetList {
  private final Map<String, Line> byName = new LinkedHashMap<>();
  private final Map<String, Integer> used = new HashMap<>();

  /**
   * One line of the list.
   *
   * @param columns what else it says, by the columns' names
   */
  public record Line(String fileName, SetPlace place, Map<String, String> columns) {
    public Line {
      // In the list's order: that is how people know them.
      columns = Collections.unmodifiableMap(new LinkedHashMap<>(columns));
    }

    public Line(String fileName, SetPlace place) {
      this(fileName, place, Map.of());
    }
  }

  /**
   * @param lines a later line for the same name takes the place of an earlier one
   */
  public SetList(List<Line> lines) {
    lines.forEach(line -> byName.put(key(line.fileName()), line));
  }

  /** Empty when the list does not speak of this file. */
  public Optional<Line> of(String fileName) {
    String key = key(fileName);
    if (!byName.containsKey(key) && key.lastIndexOf('.') > 0) {
      key = key.substring(0, key.lastIndexOf('.'));
    }
    Line line = byName.get(key);
    if (line != null) {
      used.merge(key, 1, Integer::sum);
    }
    return Optional.ofNullable(line);
  }

  /** Names in the list that nobody has asked for so far. */
  public List<String> unused() {
    return byName.keySet().stream().filter(name -> !used.containsKey(name)).toList();
  }

  private static String key(String fileName) {
    return fileName.strip().toLowerCase(Locale.ROOT);
  }
}

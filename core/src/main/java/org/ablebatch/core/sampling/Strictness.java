package org.ablebatch.core.sampling;

import java.util.Arrays;

/** How strictly is inspected, by what earlier lots were like. */
public enum Strictness {
  NORMAL("normal"),
  TIGHTENED("tightened"),
  REDUCED("reduced");

  private final String wireName;

  Strictness(String wireName) {
    this.wireName = wireName;
  }

  public String wireName() {
    return wireName;
  }

  /**
   * @throws IllegalArgumentException for an unknown name
   */
  public static Strictness ofWireName(String name) {
    return Arrays.stream(values())
        .filter(one -> one.wireName.equals(name))
        .findFirst()
        .orElseThrow(() -> new IllegalArgumentException("no such strictness: " + name));
  }
}

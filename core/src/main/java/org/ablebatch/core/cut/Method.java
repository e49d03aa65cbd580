package org.ablebatch.core.cut;

import java.util.Arrays;

/** Ways to cut a picture out. {@link #AUTO} chooses one of the others per picture. */
public enum Method {
  AUTO("auto", "Automatic"),
  PLAIN("plain", "Plain backdrop"),
  UNEVEN("uneven", "Uneven backdrop"),
  BUSY("busy", "Busy scene"),
  PERSON("person", "Person"),
  SEE_THROUGH("see-through", "See-through"),
  INK("ink", "Ink and line art"),
  FLAT("flat", "Flat illustration"),
  WEIGHED("weighed", "All evidence"),
  EMPTY_SET("empty-set", "Empty-set photograph"),
  TRANSPARENT("transparent", "Already transparent");

  private final String wireName;
  private final String label;

  Method(String wireName, String label) {
    this.wireName = wireName;
    this.label = label;
  }

  public String wireName() {
    return wireName;
  }

  public String label() {
    return label;
  }

  /**
   * True for what a person may ask for. {@link #TRANSPARENT} is only ever found, and {@link
   * #EMPTY_SET} follows from giving such a photograph.
   */
  public boolean isChoosable() {
    return this != TRANSPARENT && this != EMPTY_SET;
  }

  /**
   * @throws IllegalArgumentException for an unknown name
   */
  public static Method ofWireName(String name) {
    return Arrays.stream(values())
        .filter(method -> method.wireName.equals(name))
        .findFirst()
        .orElseThrow(() -> new IllegalArgumentException("“" + name + "” is not a method"));
  }
}

package org.ablebatch.core.finding;

import java.util.Arrays;

/** Kinds of suspected faults. */
public enum FindingKind {
  EMPTY("empty", "Nearly nothing kept"),
  NEARLY_ALL("nearly-all", "Nearly all kept"),
  MISSING_PART("missing-part", "Part missing"),
  SUSPICIOUS_HOLE("hole", "Hole in the subject"),
  UNOPENED_GAP("gap", "Gap left closed"),
  LEFTOVER("leftover", "Backdrop left over"),
  SUPPORT("support", "Support attached"),
  SHADOW("shadow", "Shadow left"),
  HAZE("haze", "Haze"),
  FRINGE("fringe", "Backdrop in the edge"),
  RAGGED_EDGE("edge", "Outline is off"),
  STRAY_MARKS("marks", "Marks beside it"),
  TOUCHES_FRAME("frame", "Cut off by the frame"),
  BLURRED("blurred", "Subject is blurred"),
  TOO_SMALL("too-small", "Too small for a spec"),
  COULD_BE_SUBJECT("could-be-subject", "Could also be subject"),
  COULD_BE_BACKDROP("could-be-backdrop", "Could also be backdrop");

  private final String wireName;
  private final String label;

  FindingKind(String wireName, String label) {
    this.wireName = wireName;
    this.label = label;
  }

  /** Stable name for files and the API. */
  public String wireName() {
    return wireName;
  }

  /** Whether it says no more than that others think otherwise. */
  public boolean isDoubt() {
    return this == COULD_BE_SUBJECT || this == COULD_BE_BACKDROP;
  }

  /** A few words for a list. */
  public String label() {
    return label;
  }

  /**
   * @throws IllegalArgumentException for an unknown name
   */
  public static FindingKind ofWireName(String name) {
    return Arrays.stream(values())
        .filter(kind -> kind.wireName.equals(name))
        .findFirst()
        .orElseThrow(() -> new IllegalArgumentException("no such finding: " + name));
  }
}

package org.ablebatch.core.run;

import java.util.Arrays;

/**
 * Which batches are cut first. Batches of one priority share the workers evenly; a lower one waits.
 */
public enum RunPriority {
  LAST("last", -1),
  USUAL("usual", 0),
  FIRST("first", 1);

  private final String wireName;
  private final int rank;

  RunPriority(String wireName, int rank) {
    this.wireName = wireName;
    this.rank = rank;
  }

  public String wireName() {
    return wireName;
  }

  /** Higher is served first. */
  public int rank() {
    return rank;
  }

  public static RunPriority ofRank(int rank) {
    return Arrays.stream(values()).filter(p -> p.rank == rank).findFirst().orElse(USUAL);
  }
}

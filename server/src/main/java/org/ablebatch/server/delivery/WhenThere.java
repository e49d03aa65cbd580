package org.ablebatch.server.delivery;

import java.util.Arrays;
import org.ablebatch.server.problem.BadInput;

/** What becomes of a file that is in the folder already. */
enum WhenThere {
  /** The new one gets a number behind its name. */
  KEEP_BOTH("keep-both"),
  /** The old one is moved into {@code replaced/}. */
  REPLACE("replace"),
  SKIP("skip");

  private final String wireName;

  WhenThere(String wireName) {
    this.wireName = wireName;
  }

  static WhenThere of(String name) {
    return Arrays.stream(values())
        .filter(one -> one.wireName.equals(name))
        .findFirst()
        .orElseThrow(() -> BadInput.expected("whenThere", "keep-both, replace or skip", name));
  }
}

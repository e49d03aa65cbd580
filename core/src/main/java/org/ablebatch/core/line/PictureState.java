package org.ablebatch.core.line;

import java.util.Arrays;
import java.util.Map;
import java.util.Set;

/** Where a picture stands on the line. The names on the wire are stable: {@link #wireName()}. */
public enum PictureState {
  WAITING("waiting"),
  CUTTING("cutting"),
  TO_CHECK("to-check"),
  IN_TOUCH_UP("in-touch-up"),
  PASSED("passed"),
  REJECTED("rejected"),
  DELIVERED("delivered"),
  FAILED("failed"),
  LEFT_WHOLE("left-whole");

  private static final Map<PictureState, Set<PictureState>> MOVES =
      Map.of(
          WAITING, Set.of(CUTTING, LEFT_WHOLE),
          CUTTING, Set.of(TO_CHECK, FAILED, WAITING),
          TO_CHECK, Set.of(PASSED, IN_TOUCH_UP, REJECTED, WAITING, LEFT_WHOLE),
          IN_TOUCH_UP, Set.of(TO_CHECK, PASSED, REJECTED, WAITING, LEFT_WHOLE),
          PASSED, Set.of(TO_CHECK, IN_TOUCH_UP, REJECTED, DELIVERED, WAITING),
          REJECTED, Set.of(TO_CHECK, IN_TOUCH_UP, PASSED, WAITING, LEFT_WHOLE),
          DELIVERED, Set.of(TO_CHECK, IN_TOUCH_UP, WAITING),
          FAILED, Set.of(WAITING, LEFT_WHOLE),
          LEFT_WHOLE, Set.of(WAITING, DELIVERED));

  private final String wireName;

  PictureState(String wireName) {
    this.wireName = wireName;
  }

  public String wireName() {
    return wireName;
  }

  public boolean mayMoveTo(PictureState next) {
    return MOVES.get(this).contains(next);
  }

  /**
   * The next state, when the move is allowed.
   *
   * @throws ForbiddenMove when it is not
   */
  public PictureState moveTo(PictureState next) {
    if (!mayMoveTo(next)) {
      throw new ForbiddenMove(this, next);
    }
    return next;
  }

  /** True where a cutout exists that a person may judge. */
  public boolean isJudgeable() {
    return this == TO_CHECK
        || this == IN_TOUCH_UP
        || this == PASSED
        || this == REJECTED
        || this == DELIVERED;
  }

  /** True where the picture may be delivered as it is. */
  public boolean isDeliverable() {
    return this == PASSED || this == DELIVERED || this == LEFT_WHOLE;
  }

  /** The state with this wire name; empty sets are the caller's business. */
  public static PictureState ofWireName(String name) {
    return Arrays.stream(values())
        .filter(state -> state.wireName.equals(name))
        .findFirst()
        .orElseThrow(() -> new IllegalArgumentException("“" + name + "” is not a picture state"));
  }
}

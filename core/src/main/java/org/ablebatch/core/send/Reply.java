package org.ablebatch.core.send;

import java.util.Set;

/** What an answer to a sent file means for it. */
public enum Reply {
  /** It has come, now or before. */
  THERE,
  /** It will not be taken, however often it is sent. */
  REFUSED,
  /** It may be taken another time. */
  LATER;

  private static final int FIRST_ERROR = 400;
  private static final int FIRST_FAULT_OF_THEIRS = 500;

  /** Time-out, too early, too many at once (RFC 9110, RFC 8470, RFC 6585). */
  private static final Set<Integer> ANOTHER_TIME = Set.of(408, 425, 429);

  /**
   * @param status of HTTP
   */
  public static Reply of(int status) {
    if (status >= 200 && status < 300) {
      return THERE;
    }
    boolean lasting =
        status >= FIRST_ERROR && status < FIRST_FAULT_OF_THEIRS && !ANOTHER_TIME.contains(status);
    return lasting ? REFUSED : LATER;
  }
}

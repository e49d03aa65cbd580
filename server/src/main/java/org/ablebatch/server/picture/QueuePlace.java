package org.ablebatch.server.picture;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import java.time.Instant;
import org.ablebatch.core.cut.Method;

/** A picture's place in the queue of the cutters, and what it was asked to be cut with. */
@Embeddable
class QueuePlace {
  private boolean queued;
  private boolean rush;

  @Column(columnDefinition = "CHAR(36)")
  private String claimedBy;

  private Instant claimedAt;
  private String askedMethod;

  @Column(columnDefinition = "MEDIUMTEXT")
  private String guidance;

  /**
   * Asks for a place, among all others.
   *
   * @param saidByHand the guidance to cut under, as text; null = none
   */
  void take(Method asked, String saidByHand) {
    askFor(asked);
    guidance = saidByHand;
    queued = true;
    rush = false;
  }

  void askFor(Method method) {
    askedMethod = method == null ? null : method.wireName();
  }

  void hurry() {
    rush = true;
  }

  /** Not to be cut any more; what was asked for is kept. */
  void leave() {
    queued = false;
    rush = false;
    claimedBy = null;
  }

  /** What was said by hand was about another photograph or frame. */
  void forgetGuidance() {
    guidance = null;
  }

  void claim(String process, Instant now) {
    claimedBy = process;
    claimedAt = now;
  }

  void release() {
    claimedBy = null;
  }

  boolean isClaimedBy(String process) {
    return process.equals(claimedBy);
  }

  boolean isQueued() {
    return queued;
  }

  /** Null = its group's or the batch's. */
  Method askedMethod() {
    return askedMethod == null ? null : Method.ofWireName(askedMethod);
  }

  /** Null = nothing was said. */
  String guidance() {
    return guidance;
  }
}

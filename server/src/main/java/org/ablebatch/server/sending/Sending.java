package org.ablebatch.server.sending;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Duration;
import java.time.Instant;
import java.util.Locale;
import org.ablebatch.core.send.BackOff;

/** A delivery on its way to the shop. */
@Entity
class Sending {
  /** How far it is. */
  enum State {
    RUNNING,
    /** By a person. */
    STOPPED,
    DONE;

    String wireName() {
      return name().toLowerCase(Locale.ROOT);
    }
  }

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long deliveryId;

  @Enumerated(EnumType.STRING)
  private State state;

  private int silences;
  private Instant silentUntil;
  private Instant createdAt;
  private Instant finishedAt;
  @Version private long revision;

  protected Sending() {}

  Sending(long deliveryId, Instant createdAt) {
    this.deliveryId = deliveryId;
    this.state = State.RUNNING;
    this.createdAt = createdAt;
  }

  /** The shop did not answer at all; nothing is sent for a while. */
  void heardNothing(Instant now, Duration firstWait) {
    silences++;
    silentUntil = now.plus(BackOff.after(silences, firstWait));
  }

  void heard() {
    silences = 0;
    silentUntil = null;
  }

  void finish(State how, Instant at) {
    state = how;
    silentUntil = null;
    finishedAt = at;
  }

  Long id() {
    return id;
  }

  long deliveryId() {
    return deliveryId;
  }

  State state() {
    return state;
  }

  boolean isRunning() {
    return state == State.RUNNING;
  }

  /** Null = the shop answers. */
  Instant silentUntil() {
    return silentUntil;
  }

  Instant createdAt() {
    return createdAt;
  }

  /** Null while it runs. */
  Instant finishedAt() {
    return finishedAt;
  }
}

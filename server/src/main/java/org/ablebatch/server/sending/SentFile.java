package org.ablebatch.server.sending;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Duration;
import java.time.Instant;
import java.util.Locale;
import org.ablebatch.core.send.BackOff;

/** One file of a sending. */
@Entity
class SentFile {
  /** Where it is. */
  enum State {
    WAITING,
    THERE,
    REFUSED;

    String wireName() {
      return name().toLowerCase(Locale.ROOT);
    }
  }

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long sendingId;
  private long fileId;

  @Column(columnDefinition = "CHAR(64)")
  private String sendKey;

  @Enumerated(EnumType.STRING)
  private State state;

  private int tries;
  private Instant nextTryAt;
  private String problem;

  protected SentFile() {}

  SentFile(long sendingId, long fileId, String sendKey, boolean isThere, Instant now) {
    this.sendingId = sendingId;
    this.fileId = fileId;
    this.sendKey = sendKey;
    this.state = isThere ? State.THERE : State.WAITING;
    this.nextTryAt = now;
  }

  void arrived() {
    tries++;
    state = State.THERE;
    problem = null;
  }

  void refused(String sentence) {
    tries++;
    state = State.REFUSED;
    problem = sentence;
  }

  /**
   * @param atLeast that the shop asked for
   */
  void failed(String sentence, Duration atLeast, Duration firstWait, Instant now) {
    tries++;
    problem = sentence;
    if (tries >= BackOff.MOST_TRIES) {
      state = State.REFUSED;
      return;
    }
    Duration wait = BackOff.after(tries, firstWait);
    nextTryAt = now.plus(wait.compareTo(atLeast) > 0 ? wait : atLeast);
  }

  long fileId() {
    return fileId;
  }

  /** The same for the same bytes under the same name, whenever they are sent. */
  String sendKey() {
    return sendKey;
  }

  State state() {
    return state;
  }

  int tries() {
    return tries;
  }

  Instant nextTryAt() {
    return nextTryAt;
  }

  /** Null = none. */
  String problem() {
    return problem;
  }
}

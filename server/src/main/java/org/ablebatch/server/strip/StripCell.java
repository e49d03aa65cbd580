package org.ablebatch.server.strip;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import org.ablebatch.core.cut.Method;

/** One sample by one method. */
@Entity
class StripCell {
  /** How far a cell is. */
  enum State {
    WAITING,
    CUTTING,
    DONE,
    FAILED
  }

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long batchId;
  private long photoId;
  private int sample;
  private String method;

  @Enumerated(EnumType.STRING)
  @Column(columnDefinition = "VARCHAR(16)")
  private State state;

  private Long versionId;
  private String problem;

  @Column(columnDefinition = "CHAR(36)")
  private String claimedBy;

  protected StripCell() {}

  /**
   * @param sample the row, from 0
   */
  StripCell(long batchId, long photoId, int sample, Method method) {
    this.batchId = batchId;
    this.photoId = photoId;
    this.sample = sample;
    this.method = method.wireName();
    this.state = State.WAITING;
  }

  void moveTo(int row) {
    sample = row;
  }

  void begin(String process) {
    state = State.CUTTING;
    claimedBy = process;
  }

  void release() {
    state = State.WAITING;
    claimedBy = null;
  }

  void finish(long version) {
    state = State.DONE;
    versionId = version;
  }

  void fail(String sentence) {
    state = State.FAILED;
    problem = sentence;
  }

  /** The picture is another now; what was cut of it is no answer any more. */
  void again() {
    release();
    versionId = null;
    problem = null;
  }

  Long id() {
    return id;
  }

  long batchId() {
    return batchId;
  }

  long photoId() {
    return photoId;
  }

  int sample() {
    return sample;
  }

  Method method() {
    return Method.ofWireName(method);
  }

  State state() {
    return state;
  }

  Long versionId() {
    return versionId;
  }

  String problem() {
    return problem;
  }

  boolean isBeingCutBy(String process) {
    return state == State.CUTTING && process.equals(claimedBy);
  }
}

package org.ablebatch.server.shelf;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;

/** Files that were taken off the shelf together. */
@Entity
class Tidying {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private String said;
  private int files;
  private long bytes;
  private Instant doneAt;
  private Instant undoneAt;
  private Instant forgottenAt;

  protected Tidying() {}

  Tidying(String said, int files, long bytes, Instant doneAt) {
    this.said = said;
    this.files = files;
    this.bytes = bytes;
    this.doneAt = doneAt;
  }

  void undo(Instant at) {
    undoneAt = at;
  }

  /** The bytes are gone for good. */
  void forget(Instant at) {
    forgottenAt = at;
  }

  Long id() {
    return id;
  }

  /** Which files, in words. */
  String said() {
    return said;
  }

  int files() {
    return files;
  }

  /** Of room that becomes free. */
  long bytes() {
    return bytes;
  }

  Instant doneAt() {
    return doneAt;
  }

  boolean isOpen() {
    return undoneAt == null && forgottenAt == null;
  }
}

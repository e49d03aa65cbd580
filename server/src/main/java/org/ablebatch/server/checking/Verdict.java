package org.ablebatch.server.checking;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import org.ablebatch.core.line.PictureState;

/** A person's verdict on one version of one picture; kept also when it is taken back. */
@Entity
public class Verdict {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long photoId;
  private Long versionId;
  private PictureState fromState;
  private PictureState toState;
  private Instant givenAt;
  private Instant takenBackAt;

  protected Verdict() {}

  Verdict(long photoId, Long versionId, PictureState from, PictureState to, Instant givenAt) {
    this.photoId = photoId;
    this.versionId = versionId;
    this.fromState = from;
    this.toState = to;
    this.givenAt = givenAt;
  }

  PictureState fromState() {
    return fromState;
  }

  PictureState toState() {
    return toState;
  }

  void takeBack(Instant at) {
    takenBackAt = at;
  }
}

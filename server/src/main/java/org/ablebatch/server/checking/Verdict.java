package org.ablebatch.server.checking;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import org.ablebatch.core.line.PictureState;
import org.ablebatch.server.picture.Remark;
import org.ablebatch.server.picture.RemarkConverter;

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

  @Convert(converter = RemarkConverter.class)
  @Column(columnDefinition = "VARCHAR(1000)")
  private Remark remark;

  @Column(columnDefinition = "CHAR(36)")
  private String together;

  private Long lookedMillis;
  private Instant takenBackAt;

  protected Verdict() {}

  Verdict(long photoId, Long versionId, PictureState from, PictureState to, Instant givenAt) {
    this.photoId = photoId;
    this.versionId = versionId;
    this.fromState = from;
    this.toState = to;
    this.givenAt = givenAt;
  }

  /** What was said with it. */
  void say(Remark said) {
    remark = said;
  }

  /**
   * @param key the same for all verdicts that were given at once
   */
  void giveTogether(String key) {
    together = key;
  }

  /** How long somebody looked. */
  void looked(Long millis) {
    lookedMillis = millis;
  }

  long photoId() {
    return photoId;
  }

  boolean isTogether() {
    return together != null;
  }

  /** Null = not measured. */
  Long lookedMillis() {
    return lookedMillis;
  }

  Remark remark() {
    return remark;
  }

  Instant givenAt() {
    return givenAt;
  }

  VerdictService.First asFirst() {
    return new VerdictService.First(
        toState == PictureState.PASSED, versionId, toState.wireName().replace('-', ' '), remark);
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

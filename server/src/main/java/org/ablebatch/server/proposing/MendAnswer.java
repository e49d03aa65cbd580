package org.ablebatch.server.proposing;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import org.ablebatch.core.finding.Finding;
import org.ablebatch.server.picture.Photo;

/** What somebody said to a finding of a version: its mend was taken, or it is right as it is. */
@Entity
class MendAnswer {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long batchId;
  private long photoId;
  private long versionId;
  private int finding;
  private String kind;
  private boolean taken;
  private boolean byTicket;

  @Column(columnDefinition = "CHAR(36)")
  private String clientKey;

  @Column(columnDefinition = "CHAR(36)")
  private String together;

  private Instant givenAt;

  protected MendAnswer() {}

  private MendAnswer(Photo photo, int index, Finding finding, boolean taken, Instant now) {
    this.batchId = photo.batchId();
    this.photoId = photo.id();
    this.versionId = photo.shown().versionId();
    this.finding = index;
    this.kind = finding.kind().wireName();
    this.taken = taken;
    this.givenAt = now;
  }

  /**
   * @param clientKey of the edit that the mend became
   * @param together shared by all that were taken at once
   * @param byTicket true = nobody pressed a key for it
   */
  static MendAnswer taken(
      Photo photo,
      int index,
      Finding finding,
      String clientKey,
      String together,
      boolean byTicket,
      Instant now) {
    MendAnswer answer = new MendAnswer(photo, index, finding, true, now);
    answer.byTicket = byTicket;
    answer.clientKey = clientKey;
    answer.together = together;
    return answer;
  }

  static MendAnswer right(Photo photo, int index, Finding finding, Instant now) {
    return new MendAnswer(photo, index, finding, false, now);
  }

  long batchId() {
    return batchId;
  }

  long photoId() {
    return photoId;
  }

  int finding() {
    return finding;
  }

  boolean isTaken() {
    return taken;
  }

  String clientKey() {
    return clientKey;
  }
}

package org.ablebatch.server.upload;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import org.ablebatch.server.picture.IntakeResult;

/** One file on its way into a batch, or one file inside a ZIP. */
@Entity
class Upload {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long batchId;
  private String folder;
  private String name;
  private int place;
  private long bytes;

  @Column(columnDefinition = "CHAR(64)")
  private String fingerprint;

  @Enumerated(EnumType.STRING)
  @Column(columnDefinition = "VARCHAR(16)")
  private UploadState state;

  private Long insideId;
  private Long photoId;
  private String problem;
  private Long duplicateOf;
  private Instant createdAt;

  protected Upload() {}

  /** A file inside a ZIP, known when it has been dealt with. */
  Upload(Upload zip, String folder, String name, long bytes, String fingerprint, Instant now) {
    this.batchId = zip.batchId;
    this.insideId = zip.id;
    this.folder = folder;
    this.name = name;
    this.place = zip.place;
    this.bytes = bytes;
    this.fingerprint = fingerprint;
    this.state = UploadState.COME;
    this.createdAt = now;
  }

  void settle(IntakeResult result) {
    photoId = result.id();
    problem = result.problem();
    duplicateOf = result.duplicateOf();
    state = problem == null ? UploadState.TAKEN : UploadState.REFUSED;
  }

  /** Every file in it has been dealt with. */
  void unpacked() {
    state = UploadState.TAKEN;
  }

  void comeWhole() {
    state = UploadState.COME;
  }

  /** From the beginning, to another place: the old one may be held by what was taken out. */
  void comeAgain(int newPlace) {
    place = newPlace;
    comeAgain();
  }

  /** From where its bytes end. */
  void comeAgain() {
    state = UploadState.COMING;
    photoId = null;
    problem = null;
    duplicateOf = null;
  }

  Long id() {
    return id;
  }

  long batchId() {
    return batchId;
  }

  String folder() {
    return folder;
  }

  String name() {
    return name;
  }

  String path() {
    return folder.isEmpty() ? name : folder + "/" + name;
  }

  /** The place in the batch that is kept for it, the first of many for a ZIP. */
  int place() {
    return place;
  }

  long bytes() {
    return bytes;
  }

  String fingerprint() {
    return fingerprint;
  }

  UploadState state() {
    return state;
  }

  /** The ZIP it is in; null = none. */
  Long insideId() {
    return insideId;
  }

  Long photoId() {
    return photoId;
  }

  String problem() {
    return problem;
  }

  Long duplicateOf() {
    return duplicateOf;
  }
}

package org.ablebatch.server.delivery;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;

/** One file of a delivery: planned with its name before the run, filled in when it is made. */
@Entity
public class DeliveredFile {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long deliveryId;
  private long photoId;
  private Long versionId;
  private int specIndex;
  private String name;

  @Column(columnDefinition = "CHAR(64)")
  private String blobId;

  private long bytes;
  private String problem;

  protected DeliveredFile() {}

  DeliveredFile(long deliveryId, long photoId, Long versionId, int specIndex, String name) {
    this.deliveryId = deliveryId;
    this.photoId = photoId;
    this.versionId = versionId;
    this.specIndex = specIndex;
    this.name = name;
  }

  void made(String blob, long size) {
    blobId = blob;
    bytes = size;
    problem = null;
  }

  void failed(String sentence) {
    problem = sentence;
  }

  long photoId() {
    return photoId;
  }

  Long versionId() {
    return versionId;
  }

  int specIndex() {
    return specIndex;
  }

  String name() {
    return name;
  }

  /** Null until the file is made; the SHA-256 of its bytes. */
  String blobId() {
    return blobId;
  }

  long bytes() {
    return bytes;
  }

  String problem() {
    return problem;
  }
}

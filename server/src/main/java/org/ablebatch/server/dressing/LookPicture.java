package org.ablebatch.server.dressing;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;

/** A picture of one's own that looks use. */
@Entity
class LookPicture {
  @Id private String name;
  private String title;

  @Column(columnDefinition = "CHAR(64)")
  private String blobId;

  private int width;
  private int height;
  private Instant createdAt;

  protected LookPicture() {}

  LookPicture(String name, String title, String blobId, int width, int height, Instant createdAt) {
    this.name = name;
    this.title = title;
    this.blobId = blobId;
    this.width = width;
    this.height = height;
    this.createdAt = createdAt;
  }

  String name() {
    return name;
  }

  String title() {
    return title;
  }

  String blobId() {
    return blobId;
  }

  int width() {
    return width;
  }

  int height() {
    return height;
  }
}

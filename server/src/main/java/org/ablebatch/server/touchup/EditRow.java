package org.ablebatch.server.touchup;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** One edit as it is kept: over which version, in what order, switched on or not, undone or not. */
@Entity
@Table(name = "edit")
class EditRow {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long photoId;
  private long baseVersionId;

  @Column(columnDefinition = "CHAR(36)")
  private String clientKey;

  private String kind;

  @Column(columnDefinition = "MEDIUMTEXT")
  private String data;

  private boolean enabled;
  private boolean undone;
  private Instant createdAt;

  protected EditRow() {}

  EditRow(
      long photoId,
      long baseVersionId,
      String clientKey,
      String kind,
      String data,
      Instant createdAt) {
    this.photoId = photoId;
    this.baseVersionId = baseVersionId;
    this.clientKey = clientKey;
    this.kind = kind;
    this.data = data;
    this.enabled = true;
    this.createdAt = createdAt;
  }

  Long id() {
    return id;
  }

  String clientKey() {
    return clientKey;
  }

  String data() {
    return data;
  }

  boolean isEnabled() {
    return enabled;
  }

  void setEnabled(boolean on) {
    enabled = on;
  }

  boolean isUndone() {
    return undone;
  }

  void setUndone(boolean value) {
    undone = value;
  }

  long photoId() {
    return photoId;
  }
}

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
  private int position;

  @Column(columnDefinition = "CHAR(36)")
  private String clientKey;

  private String kind;

  @Column(columnDefinition = "MEDIUMTEXT")
  private String data;

  private int revision;
  private boolean enabled;
  private boolean undone;
  private String problem;
  private boolean byTicket;
  private Instant createdAt;

  protected EditRow() {}

  EditRow(
      long photoId,
      long baseVersionId,
      int position,
      String clientKey,
      String kind,
      String data,
      Instant createdAt) {
    this.photoId = photoId;
    this.baseVersionId = baseVersionId;
    this.position = position;
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

  String kind() {
    return kind;
  }

  String data() {
    return data;
  }

  /** Other settings for the same edit, such as a hint that was moved. */
  void change(String newData) {
    data = newData;
    revision++;
    problem = null;
  }

  /** Tells apart what an edit was and what it is now. */
  int revision() {
    return revision;
  }

  int position() {
    return position;
  }

  void moveTo(int place) {
    position = place;
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

  /** True when it shows in the cutout. */
  boolean counts() {
    return enabled && !undone;
  }

  /** True when nobody made it: the ticket says that such mends are taken. */
  boolean isByTicket() {
    return byTicket;
  }

  void setByTicket() {
    byTicket = true;
  }

  /** Why it could not be carried out; null = it was, or nobody has tried. */
  String problem() {
    return problem;
  }

  void failed(String sentence) {
    problem = sentence;
    enabled = false;
  }

  long photoId() {
    return photoId;
  }
}

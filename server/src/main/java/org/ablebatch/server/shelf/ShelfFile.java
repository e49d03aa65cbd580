package org.ablebatch.server.shelf;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import org.ablebatch.core.dress.Labels;
import org.ablebatch.server.delivery.FinishedFile;

/** One file on the shelf, however often it was delivered as it is. */
@Entity
class ShelfFile {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long fileId;
  private long batchId;
  private long photoId;
  private String name;
  private String spec;
  private String look;
  private String code;

  @Column(name = "set_group")
  private String group;

  private String format;
  private int width;
  private int height;
  private long bytes;

  @Column(columnDefinition = "CHAR(64)")
  private String blobId;

  @Column(columnDefinition = "CHAR(64)")
  private String thumbnailBlob;

  @Column(columnDefinition = "TEXT")
  private String words;

  private Instant deliveredAt;
  private Instant replacedAt;
  private Long tidyingId;

  /** Its words stand among those of its day; see {@link WordDays}. */
  private boolean counted;

  protected ShelfFile() {}

  ShelfFile(FinishedFile file, Labels labels, String words) {
    this.batchId = file.batchId();
    this.photoId = file.photoId();
    this.name = file.name();
    this.spec = file.spec().name();
    this.format = file.spec().toSpec().format().name();
    this.width = file.width();
    this.height = file.height();
    this.bytes = file.bytes();
    this.blobId = file.blobId();
    this.code = labels.code();
    this.group = labels.group();
    delivered(file, words);
  }

  /** It was delivered once more, so it is what counts now. */
  final void delivered(FinishedFile file, String nowFoundBy) {
    fileId = file.fileId();
    look = file.look();
    words = nowFoundBy;
    deliveredAt = file.at();
    replacedAt = null;
    tidyingId = null;
    counted = false;
  }

  /** Another file of the same picture and spec came after it. */
  void replaced(Instant at) {
    if (replacedAt == null) {
      replacedAt = at;
    }
  }

  Long id() {
    return id;
  }

  /** Of the delivery that it was in last. */
  long fileId() {
    return fileId;
  }

  long batchId() {
    return batchId;
  }

  long photoId() {
    return photoId;
  }

  String name() {
    return name;
  }

  String spec() {
    return spec;
  }

  String look() {
    return look;
  }

  String code() {
    return code;
  }

  String group() {
    return group;
  }

  String format() {
    return format;
  }

  int width() {
    return width;
  }

  int height() {
    return height;
  }

  long bytes() {
    return bytes;
  }

  /** SHA-256 of its bytes. */
  String blobId() {
    return blobId;
  }

  /** Null until somebody looked at it. */
  String thumbnailBlob() {
    return thumbnailBlob;
  }

  Instant deliveredAt() {
    return deliveredAt;
  }

  /** Null = it is the newest of its picture and spec. */
  Instant replacedAt() {
    return replacedAt;
  }

  /** With what it was tidied away; null = it stands there. */
  Long tidyingId() {
    return tidyingId;
  }
}

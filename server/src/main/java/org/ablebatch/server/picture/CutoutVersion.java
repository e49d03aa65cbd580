package org.ablebatch.server.picture;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import org.ablebatch.core.raster.Rect;

/** One state of a picture's cutout. Never changed after it was made. */
@Entity
public class CutoutVersion {
  /** Who made a version. */
  public enum Maker {
    ENGINE,
    HAND
  }

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long photoId;
  private int number;

  @Enumerated(EnumType.STRING)
  @Column(columnDefinition = "VARCHAR(16)")
  private Maker maker;

  private Long baseVersionId;

  @Column(columnDefinition = "CHAR(64)")
  private String matteBlob;

  @Column(columnDefinition = "CHAR(64)")
  private String edgeBlob;

  @Column(columnDefinition = "CHAR(64)")
  private String thumbnailBlob;

  @Column(columnDefinition = "CHAR(64)")
  private String previewBlob;

  private String method;
  private String reason;
  private int confidence;
  private int subjects;

  @Column(name = "content_x")
  private int contentX;

  @Column(name = "content_y")
  private int contentY;

  private int contentWidth;
  private int contentHeight;
  private long millis;
  private Instant createdAt;

  protected CutoutVersion() {}

  /** A version by the engine. */
  public CutoutVersion(
      long photoId, int number, SavedCutout saved, Judgement judgement, Instant createdAt) {
    this(photoId, number, Maker.ENGINE, null, saved, judgement, createdAt);
  }

  /** A version by hand, from edits over a version by the engine. */
  public CutoutVersion(
      long photoId, int number, CutoutVersion base, SavedCutout saved, Instant createdAt) {
    this(photoId, number, Maker.HAND, base.id, saved, base.judgement(), createdAt);
  }

  private CutoutVersion(
      long photoId,
      int number,
      Maker maker,
      Long baseVersionId,
      SavedCutout saved,
      Judgement judgement,
      Instant createdAt) {
    this.photoId = photoId;
    this.number = number;
    this.maker = maker;
    this.baseVersionId = baseVersionId;
    this.matteBlob = saved.matteBlob();
    this.edgeBlob = saved.edgeBlob();
    this.thumbnailBlob = saved.thumbnailBlob();
    this.previewBlob = saved.previewBlob();
    this.contentX = saved.content().x();
    this.contentY = saved.content().y();
    this.contentWidth = saved.content().width();
    this.contentHeight = saved.content().height();
    this.method = judgement.method();
    this.reason = judgement.reason();
    this.confidence = judgement.confidence();
    this.subjects = judgement.subjects();
    this.millis = judgement.millis();
    this.createdAt = createdAt;
  }

  /** What the engine said about its work. */
  public record Judgement(
      String method, String reason, int confidence, int subjects, long millis) {}

  private Judgement judgement() {
    return new Judgement(method, reason, confidence, subjects, millis);
  }

  public Long id() {
    return id;
  }

  public long photoId() {
    return photoId;
  }

  public int number() {
    return number;
  }

  public Maker maker() {
    return maker;
  }

  public Long baseVersionId() {
    return baseVersionId;
  }

  public String matteBlob() {
    return matteBlob;
  }

  public String edgeBlob() {
    return edgeBlob;
  }

  public String thumbnailBlob() {
    return thumbnailBlob;
  }

  public String previewBlob() {
    return previewBlob;
  }

  public String method() {
    return method;
  }

  public String reason() {
    return reason;
  }

  public int confidence() {
    return confidence;
  }

  public int subjects() {
    return subjects;
  }

  public Rect content() {
    return new Rect(contentX, contentY, contentWidth, contentHeight);
  }
}

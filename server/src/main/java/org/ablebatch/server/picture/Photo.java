package org.ablebatch.server.picture;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import org.ablebatch.codec.read.FileKind;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.line.PictureState;

/**
 * One picture of a batch. Its original never changes; its state changes only by the moves that
 * {@link PictureState} allows.
 */
@Entity
public class Photo {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long batchId;
  private int place;
  private String fileName;

  @Convert(converter = StateConverter.class)
  private PictureState state;

  private boolean queued;
  private String askedMethod;

  @Column(columnDefinition = "MEDIUMTEXT")
  private String guidance;

  @Column(columnDefinition = "CHAR(64)")
  private String originalBlob;

  private long originalBytes;
  private String fileKind;
  private boolean shownByBrowsers;
  private int width;
  private int height;

  @Column(columnDefinition = "CHAR(64)")
  private String thumbnailBlob;

  @Column(columnDefinition = "CHAR(64)")
  private String previewBlob;

  private String problem;
  private Long currentVersionId;
  private boolean editsPending;
  private Instant createdAt;
  @Version private long revision;

  protected Photo() {}

  Photo(long batchId, int place, String fileName, TakenFile taken, Instant createdAt) {
    this.batchId = batchId;
    this.place = place;
    this.fileName = fileName;
    this.state = PictureState.WAITING;
    this.originalBlob = taken.originalBlob();
    this.originalBytes = taken.bytes();
    this.fileKind = taken.kind().name();
    this.shownByBrowsers = taken.shownByBrowsers();
    this.width = taken.width();
    this.height = taken.height();
    this.thumbnailBlob = taken.thumbnailBlob();
    this.previewBlob = taken.previewBlob();
    this.createdAt = createdAt;
  }

  /**
   * Asks for a place in the queue; a picture that has a cutout keeps it until the new one is there.
   */
  public void enqueue(Method asked) {
    enqueue(asked, guidance);
  }

  /**
   * @param saidByHand the guidance to cut under, as text; null = none
   */
  public void enqueue(Method asked, String saidByHand) {
    if (state != PictureState.WAITING) {
      state = state.moveTo(PictureState.WAITING);
    }
    askedMethod = asked == null ? null : asked.wireName();
    guidance = saidByHand;
    queued = true;
    problem = null;
  }

  public void beginCutting() {
    state = state.moveTo(PictureState.CUTTING);
  }

  /** A version by the engine has arrived. */
  public void receive(CutoutVersion version) {
    state = state.moveTo(PictureState.TO_CHECK);
    queued = false;
    problem = null;
    editsPending = false;
    currentVersionId = version.id();
  }

  public void fail(String sentence) {
    state = state.moveTo(PictureState.FAILED);
    queued = false;
    problem = sentence;
  }

  /** A version by hand takes the place of the one before; the state stays. */
  public void replaceVersion(CutoutVersion version) {
    currentVersionId = version.id();
    editsPending = false;
  }

  public void moveTo(PictureState next) {
    state = state.moveTo(next);
    if (next == PictureState.LEFT_WHOLE) {
      queued = false;
      problem = null;
    }
  }

  public void editsChanged() {
    editsPending = true;
  }

  public Long id() {
    return id;
  }

  public long batchId() {
    return batchId;
  }

  public int place() {
    return place;
  }

  public String fileName() {
    return fileName;
  }

  public PictureState state() {
    return state;
  }

  public boolean isQueued() {
    return queued;
  }

  /** Null = the batch's method. */
  public Method askedMethod() {
    return askedMethod == null ? null : Method.ofWireName(askedMethod);
  }

  /** What was said about this picture by hand, as text; null = nothing. */
  public String guidance() {
    return guidance;
  }

  public String originalBlob() {
    return originalBlob;
  }

  public long originalBytes() {
    return originalBytes;
  }

  public FileKind fileKind() {
    return FileKind.valueOf(fileKind);
  }

  public boolean isShownByBrowsers() {
    return shownByBrowsers;
  }

  public int width() {
    return width;
  }

  public int height() {
    return height;
  }

  public String thumbnailBlob() {
    return thumbnailBlob;
  }

  public String previewBlob() {
    return previewBlob;
  }

  public String problem() {
    return problem;
  }

  /** Null before the first cutout. */
  public Long currentVersionId() {
    return currentVersionId;
  }

  /** True when edits were made that the current version does not show yet. */
  public boolean hasPendingEdits() {
    return editsPending;
  }

  public long revision() {
    return revision;
  }
}

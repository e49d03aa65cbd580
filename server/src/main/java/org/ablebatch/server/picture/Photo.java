package org.ablebatch.server.picture;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Objects;
import org.ablebatch.codec.read.FileKind;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.dress.Labels;
import org.ablebatch.core.line.FailureKind;
import org.ablebatch.core.line.PictureState;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.sets.SetPlace;

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
  private String folder;
  private String fileName;
  private String code;

  @Column(name = "set_group")
  private String group;

  @Convert(converter = StateConverter.class)
  private PictureState state;

  @Embedded private QueuePlace queue = new QueuePlace();

  @Embedded private TakenFile taken;
  @Embedded private Crop crop;
  @Embedded private PhotoDress dress = new PhotoDress();
  private Instant removedAt;
  private boolean renditionsDue;

  /** Null = nothing failed. */
  @Embedded private Failure failure;

  @Embedded private ShownVersion shown = new ShownVersion();

  @Convert(converter = RemarkConverter.class)
  @Column(columnDefinition = "VARCHAR(1000)")
  private Remark remark;

  private Instant createdAt;
  @Version private long revision;

  protected Photo() {}

  Photo(
      long batchId,
      int place,
      String folder,
      String fileName,
      SetPlace set,
      TakenFile taken,
      Instant createdAt) {
    this.batchId = batchId;
    this.place = place;
    this.folder = folder;
    this.fileName = fileName;
    this.state = PictureState.WAITING;
    this.createdAt = createdAt;
    belong(set);
    show(taken);
  }

  private void show(TakenFile taken) {
    this.taken = taken;
    crop = null;
    renditionsDue = false;
  }

  /** The whole original as it was taken in; a crop needs its small pictures made anew. */
  TakenFile asTaken() {
    return taken;
  }

  /** Puts another photograph behind the picture; name, place, code and group stay. */
  void swap(TakenFile taken) {
    show(taken);
    startAnew();
  }

  /**
   * Only a part of the original counts from now on; the original stays whole.
   *
   * @param part wholly inside; null = all of it
   */
  void cropTo(Rect part) {
    if (Objects.equals(part, crop())) {
      return;
    }
    crop = Crop.of(part);
    renditionsDue = true;
    startAnew();
  }

  /** What was cut before belongs to another frame or photograph; it is kept but not shown. */
  private void startAnew() {
    if (state != PictureState.LEFT_WHOLE) {
      boolean wasQueued = queue.isQueued();
      if (state != PictureState.WAITING) {
        state = state.moveTo(PictureState.WAITING);
      }
      queue.leave();
      if (wasQueued) {
        queue.take(queue.askedMethod(), null);
      }
    }
    failure = null;
    queue.forgetGuidance();
    shown.nothing();
  }

  /** Its small pictures are those of another frame. */
  void needsRenditions() {
    renditionsDue = true;
  }

  void showRenditions(FileReading.Small small) {
    taken = taken.with(small);
    renditionsDue = false;
  }

  public void belong(SetPlace set) {
    code = set.code();
    group = set.group();
  }

  void askFor(Method method) {
    queue.askFor(method);
  }

  /** Takes the picture out of the batch; it can be brought back with all that was made of it. */
  void remove(Instant now) {
    removedAt = now;
    dequeue();
  }

  void bringBack() {
    removedAt = null;
  }

  boolean isRemoved() {
    return removedAt != null;
  }

  /**
   * Asks for a place in the queue; a picture that has a cutout keeps it until the new one is there.
   */
  public void enqueue(Method asked) {
    enqueue(asked, queue.guidance());
  }

  /**
   * @param saidByHand the guidance to cut under, as text; null = none
   */
  public void enqueue(Method asked, String saidByHand) {
    if (state != PictureState.WAITING) {
      state = state.moveTo(PictureState.WAITING);
    }
    queue.take(asked, saidByHand);
    failure = null;
  }

  /** A person waits for this one: it goes ahead of every batch, paused or not. */
  public void hurry() {
    queue.hurry();
  }

  /** Takes the picture out of the queue again; what is being cut is finished. */
  public void dequeue() {
    if (state == PictureState.WAITING) {
      queue.leave();
    }
  }

  /**
   * @param process the process whose worker cuts it
   */
  public void beginCutting(String process, Instant now) {
    state = state.moveTo(PictureState.CUTTING);
    queue.claim(process, now);
  }

  /** True while this process, and no other that thinks so, cuts the picture. */
  public boolean isBeingCutBy(String process) {
    return state == PictureState.CUTTING && queue.isClaimedBy(process);
  }

  /** The worker could not finish; the picture keeps its place in the queue. */
  public void release() {
    state = state.moveTo(PictureState.WAITING);
    queue.release();
  }

  /** A version by the engine has arrived. */
  public void receive(CutoutVersion version) {
    state = state.moveTo(PictureState.TO_CHECK);
    queue.leave();
    failure = null;
    shown.replaceWith(version);
  }

  public void fail(FailureKind kind, String sentence) {
    state = state.moveTo(PictureState.FAILED);
    queue.leave();
    failure = new Failure(kind, sentence);
  }

  public void moveTo(PictureState next) {
    state = state.moveTo(next);
    if (next == PictureState.LEFT_WHOLE) {
      queue.leave();
      failure = null;
    }
  }

  /**
   * What a checker says to whoever comes next.
   *
   * @param said null = nothing
   */
  public void remark(Remark said) {
    remark = said;
  }

  /** Null = nothing was said. */
  public Remark remark() {
    return remark;
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

  /** The folders it came in, separated by slashes; may be empty. */
  public String folder() {
    return folder;
  }

  /** Null = none. */
  public String code() {
    return code;
  }

  public SetPlace set() {
    return new SetPlace(code, group);
  }

  /** Null = none. */
  public String group() {
    return group;
  }

  IntakeFacts facts() {
    return taken.facts();
  }

  /** What its scene is like, as text; null for pictures of earlier times. */
  public String sceneFacts() {
    return taken.facts().sceneFacts();
  }

  /** The part of the original that counts; null = all of it. */
  public Rect crop() {
    return Crop.rect(crop);
  }

  public Instant createdAt() {
    return createdAt;
  }

  public String fileName() {
    return fileName;
  }

  public PictureState state() {
    return state;
  }

  public boolean isQueued() {
    return queue.isQueued();
  }

  /** Null = the batch's method. */
  public Method askedMethod() {
    return queue.askedMethod();
  }

  /** What was said about this picture by hand, as text; null = nothing. */
  public String guidance() {
    return queue.guidance();
  }

  public String originalBlob() {
    return taken.originalBlob();
  }

  public long originalBytes() {
    return taken.bytes();
  }

  public FileKind fileKind() {
    return taken.kind();
  }

  public boolean isShownByBrowsers() {
    return taken.shownByBrowsers();
  }

  /** Of the part that counts, upright, pixels. */
  public int width() {
    return crop == null ? taken.width() : crop.width();
  }

  /** Of the part that counts, upright, pixels. */
  public int height() {
    return crop == null ? taken.height() : crop.height();
  }

  /** The whole original, upright, pixels. */
  public Rect wholeFrame() {
    return new Rect(0, 0, taken.width(), taken.height());
  }

  public String thumbnailBlob() {
    return taken.thumbnailBlob();
  }

  public String previewBlob() {
    return taken.previewBlob();
  }

  /** Null = nothing failed. */
  public Failure failure() {
    return failure;
  }

  /** The version that stands for it, and what was done to it by hand. */
  public ShownVersion shown() {
    return shown;
  }

  /** It was mended; what Check shows is not the last word. */
  public boolean isBeingRedrawn() {
    return shown.lacksEdits() && state == PictureState.TO_CHECK;
  }

  /** What it does otherwise than its look, and what the batch's list says of it. */
  public PhotoDress dress() {
    if (dress == null) {
      dress = new PhotoDress();
    }
    return dress;
  }

  /** What texts of a look may say of it. */
  public Labels labels() {
    return new Labels(fileName, code, group, dress().listColumns());
  }

  public long revision() {
    return revision;
  }
}

package org.ablebatch.server.delivery;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Version;
import java.time.Instant;
import org.ablebatch.core.look.Look;
import org.ablebatch.server.look.LookVersion;

/** One run of specs over a batch's deliverable pictures, under the look of that moment. */
@Entity
public class Delivery {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long batchId;

  @Convert(converter = DeliveryStateConverter.class)
  private DeliveryState state;

  @Column(columnDefinition = "MEDIUMTEXT")
  private String specs;

  @ManyToOne(optional = false)
  @JoinColumn(name = "look_version_id")
  private LookVersion lookVersion;

  private boolean sharpenEnlarged;
  private Long previousId;

  @Column(columnDefinition = "MEDIUMTEXT")
  private String fileWords;

  private boolean ofSome;
  private boolean shelved;
  private String problem;
  private Instant createdAt;
  private Instant finishedAt;
  @Version private long revision;

  protected Delivery() {}

  Delivery(
      long batchId,
      String specsJson,
      LookVersion look,
      boolean sharpenEnlarged,
      Long previousId,
      String fileWords,
      boolean ofSome,
      Instant createdAt) {
    this.ofSome = ofSome;
    this.fileWords = fileWords;
    this.previousId = previousId;
    this.sharpenEnlarged = sharpenEnlarged;
    this.batchId = batchId;
    this.state = DeliveryState.QUEUED;
    this.specs = specsJson;
    this.lookVersion = look;
    this.createdAt = createdAt;
  }

  /** Only some pictures of the batch: what comes after it is not compared with it. */
  boolean isOfSome() {
    return ofSome;
  }

  boolean sharpensEnlarged() {
    return sharpenEnlarged;
  }

  void begin() {
    state = DeliveryState.RUNNING;
  }

  /** What is being made is finished; nothing more is begun. */
  void pause() {
    state = DeliveryState.PAUSED;
  }

  void goOn() {
    state = DeliveryState.QUEUED;
  }

  /** What was tidied away of it is made once more; it stays as old as it is. */
  void makeAgain() {
    state = DeliveryState.QUEUED;
    shelved = false;
  }

  void finish(Instant at) {
    state = DeliveryState.DONE;
    if (finishedAt == null) {
      finishedAt = at;
    }
  }

  void fail(String sentence, Instant at) {
    state = DeliveryState.FAILED;
    problem = sentence;
    finishedAt = at;
  }

  Long id() {
    return id;
  }

  long batchId() {
    return batchId;
  }

  DeliveryState state() {
    return state;
  }

  String specsJson() {
    return specs;
  }

  /** The last one of the batch that was finished before it; null = it is the first. */
  Long previousId() {
    return previousId;
  }

  /** As the ticket had it; null = nothing. */
  String fileWords() {
    return fileWords;
  }

  Look look() {
    return lookVersion.look();
  }

  LookVersion lookVersion() {
    return lookVersion;
  }

  /** Its files stand on the shelf. */
  void shelve() {
    shelved = true;
  }

  String problem() {
    return problem;
  }

  Instant createdAt() {
    return createdAt;
  }

  Instant finishedAt() {
    return finishedAt;
  }
}

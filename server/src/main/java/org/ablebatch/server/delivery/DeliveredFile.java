package org.ablebatch.server.delivery;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import org.ablebatch.codec.archive.StoredZip;
import org.ablebatch.codec.deliver.FileMaker.Made;

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
  private int width;
  private int height;
  private Integer quality;
  private Double likeness;

  @Column(columnDefinition = "CHAR(64)")
  private String recipe;

  private String changeKind = FileChange.NEW.wireName();
  private String problem;
  private boolean forgotten;

  /** Of its bytes; null for a file of before it was kept. */
  private Long crc32;

  protected DeliveredFile() {}

  DeliveredFile(long deliveryId, DeliveryPlan.Item item) {
    this.deliveryId = deliveryId;
    this.photoId = item.picture().id();
    this.versionId = item.picture().versionId();
    this.specIndex = item.file().specIndex();
    this.name = item.file().name();
    this.width = item.file().frame().width();
    this.height = item.file().frame().height();
    this.recipe = item.recipe();
  }

  /**
   * Holds it against the file of the last delivery. One that would become the same takes its bytes
   * from there; it is the same when it is called the same, too.
   */
  void comparedWith(DeliveredFile before) {
    boolean sameBytes = before.blobId != null && recipe.equals(before.recipe);
    boolean same = sameBytes && name.equals(before.name);
    changeKind = (same ? FileChange.SAME : FileChange.CHANGED).wireName();
    if (sameBytes && before.isThere()) {
      blobId = before.blobId;
      bytes = before.bytes;
      width = before.width;
      height = before.height;
      quality = before.quality;
      likeness = before.likeness;
      crc32 = before.crc32;
    }
  }

  void made(String blob, Made made) {
    blobId = blob;
    bytes = made.bytes().length;
    crc32 = StoredZip.crc32(made.bytes());
    width = made.width();
    height = made.height();
    quality = made.quality();
    likeness = made.likeness();
    problem = null;
  }

  /** Its bytes were tidied away, and are there again to the byte. */
  void remade() {
    forgotten = false;
    problem = null;
  }

  void failed(String sentence) {
    problem = sentence;
  }

  /** Null for a file of before recipes were kept. */
  String recipe() {
    return recipe;
  }

  /** Of the picture as it was when the file was made. */
  void takenFrom(Long version, String madeBy) {
    versionId = version;
    recipe = madeBy;
  }

  Long id() {
    return id;
  }

  long deliveryId() {
    return deliveryId;
  }

  /** It was made, and its bytes were not tidied away for good. */
  boolean isThere() {
    return blobId != null && !forgotten;
  }

  boolean isForgotten() {
    return forgotten;
  }

  /** Null where it is not known yet. */
  Long crc32() {
    return crc32;
  }

  void learn(long crc) {
    crc32 = crc;
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

  /** As planned until the file is made. */
  int width() {
    return width;
  }

  int height() {
    return height;
  }

  /** Null where the format has none. */
  Integer quality() {
    return quality;
  }

  /** Null where it was not measured. */
  Double likeness() {
    return likeness;
  }

  FileChange change() {
    return FileChange.of(changeKind);
  }

  String problem() {
    return problem;
  }
}

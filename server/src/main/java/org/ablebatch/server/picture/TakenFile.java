package org.ablebatch.server.picture;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Embedded;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import org.ablebatch.codec.read.FileKind;

/**
 * A file that was read, checked and put into the store.
 *
 * @param originalBlob the file's own bytes; they never change
 * @param bytes of the file
 * @param width of the whole original, upright, pixels
 * @param height of the whole original, upright, pixels
 * @param thumbnailBlob of the part that counts
 * @param previewBlob of the part that counts
 */
@Embeddable
record TakenFile(
    @Column(columnDefinition = "CHAR(64)") String originalBlob,
    @Column(name = "original_bytes") long bytes,
    @Enumerated(EnumType.STRING) @Column(name = "file_kind", columnDefinition = "VARCHAR(8)")
        FileKind kind,
    boolean shownByBrowsers,
    int width,
    int height,
    @Column(columnDefinition = "CHAR(64)") String thumbnailBlob,
    @Column(columnDefinition = "CHAR(64)") String previewBlob,
    @Embedded IntakeFacts facts) {

  /** The same file with other small pictures. */
  TakenFile with(FileReading.Small small) {
    return new TakenFile(
        originalBlob,
        bytes,
        kind,
        shownByBrowsers,
        width,
        height,
        small.thumbnailBlob(),
        small.previewBlob(),
        facts);
  }
}

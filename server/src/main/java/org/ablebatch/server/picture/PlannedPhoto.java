package org.ablebatch.server.picture;

import java.util.List;
import java.util.Map;
import org.ablebatch.core.dress.Labels;
import org.ablebatch.core.dress.SubjectMeasures;
import org.ablebatch.core.line.PictureState;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.look.Part;
import org.ablebatch.core.raster.Rect;

/**
 * What a plan has to know of a picture. Everything else that is kept of it and of its version, most
 * of it findings, would have to be read for thousands in vain.
 *
 * @param lookChanges what it does otherwise than its look
 * @param originalBlob the file's own bytes
 * @param originalBytes of the file
 * @param whole the whole original, upright, pixels
 * @param crop the part of the original that counts; null = all of it
 * @param versionId null before the first cutout
 * @param content where the version's subject is, in pixels of the original; null as the version is
 */
public record PlannedPhoto(
    long id,
    long revision,
    PictureState state,
    Labels labels,
    List<Part> lookChanges,
    String originalBlob,
    long originalBytes,
    Rect whole,
    Rect crop,
    Long versionId,
    Rect content) {
  /** As it is read. */
  public PlannedPhoto(
      long id,
      long revision,
      PictureState state,
      String fileName,
      String code,
      String group,
      Map<String, String> listColumns,
      List<Part> lookChanges,
      String originalBlob,
      long originalBytes,
      int width,
      int height,
      Integer cropX,
      Integer cropY,
      Integer cropWidth,
      Integer cropHeight,
      Long versionId,
      Integer contentX,
      Integer contentY,
      Integer contentWidth,
      Integer contentHeight) {
    this(
        id,
        revision,
        state,
        new Labels(fileName, code, group, listColumns == null ? Map.of() : listColumns),
        lookChanges == null ? List.of() : lookChanges,
        originalBlob,
        originalBytes,
        new Rect(0, 0, width, height),
        cropX == null ? null : new Rect(cropX, cropY, cropWidth, cropHeight),
        versionId,
        versionId == null ? null : new Rect(contentX, contentY, contentWidth, contentHeight));
  }

  static PlannedPhoto of(Photo photo, Long versionId, Rect content) {
    return new PlannedPhoto(
        photo.id(),
        photo.revision(),
        photo.state(),
        photo.labels(),
        photo.dress().lookChanges(),
        photo.originalBlob(),
        photo.originalBytes(),
        photo.wholeFrame(),
        photo.crop(),
        versionId,
        content);
  }

  /** The look with what this picture does otherwise. */
  public Look changed(Look look) {
    return lookChanges.isEmpty() ? look : look.changedBy(lookChanges);
  }

  /** Whether all of it is delivered: it was left whole, or nothing was cut yet. */
  public boolean isWhole() {
    return versionId == null || state == PictureState.LEFT_WHOLE;
  }

  /** What is delivered of it, in pixels of its original. */
  public SubjectMeasures measures() {
    return isWhole()
        ? SubjectMeasures.whole(counting().width(), counting().height(), labels)
        : cutMeasures();
  }

  SubjectMeasures cutMeasures() {
    return new SubjectMeasures(
        content, new Rect(0, 0, counting().width(), counting().height()), labels);
  }

  /** The part of the original that counts. */
  private Rect counting() {
    return crop == null ? whole : crop;
  }
}

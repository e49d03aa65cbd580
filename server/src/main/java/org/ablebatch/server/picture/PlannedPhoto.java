package org.ablebatch.server.picture;

import org.ablebatch.core.dress.SubjectMeasures;
import org.ablebatch.core.line.PictureState;
import org.ablebatch.core.raster.Rect;

/**
 * What a plan has to know of a picture. Everything else that is kept of its version, most of it
 * findings, would have to be read for thousands in vain.
 *
 * @param versionId null before the first cutout
 * @param content where the version's subject is, in pixels of the original; null as the version is
 */
public record PlannedPhoto(Photo photo, Long versionId, Rect content) {
  /** As it is read. */
  public PlannedPhoto(
      Photo photo, Long versionId, Integer x, Integer y, Integer width, Integer height) {
    this(photo, versionId, versionId == null ? null : new Rect(x, y, width, height));
  }

  /** Whether all of it is delivered: it was left whole, or nothing was cut yet. */
  public boolean isWhole() {
    return versionId == null || photo.state() == PictureState.LEFT_WHOLE;
  }

  /** What is delivered of it, in pixels of its original. */
  public SubjectMeasures measures() {
    return isWhole()
        ? SubjectMeasures.whole(photo.width(), photo.height(), photo.labels())
        : cutMeasures();
  }

  SubjectMeasures cutMeasures() {
    Rect picture = new Rect(0, 0, photo.width(), photo.height());
    return new SubjectMeasures(content, picture, photo.labels());
  }
}

package org.ablebatch.server.picture;

import jakarta.persistence.Embeddable;

/** Which version stands for a picture, and whether it shows all edits that were made by hand. */
@Embeddable
public class ShownVersion {
  private Long currentVersionId;
  private boolean editsPending;

  /** What was there belongs to another frame or photograph; it is kept but not shown. */
  void nothing() {
    currentVersionId = null;
    editsPending = false;
  }

  /** This version with all that was made by hand takes the place of the one before. */
  public void replaceWith(CutoutVersion version) {
    currentVersionId = version.id();
    editsPending = false;
  }

  /** The version does not show the list of edits as it is now. */
  public void editsChanged() {
    editsPending = true;
  }

  /** Null before the first cutout. */
  public Long versionId() {
    return currentVersionId;
  }

  public boolean isThere() {
    return currentVersionId != null;
  }

  /** True when edits were made that the version does not show yet. */
  public boolean lacksEdits() {
    return editsPending;
  }
}

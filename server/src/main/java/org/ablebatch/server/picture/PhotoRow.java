package org.ablebatch.server.picture;

/**
 * A picture with its current version.
 *
 * @param version null before the first cutout
 */
public record PhotoRow(Photo photo, CutoutVersion version) {
  public PictureView view() {
    boolean cut = version != null;
    return new PictureView(
        photo.id(),
        photo.batchId(),
        photo.place(),
        photo.fileName(),
        photo.state().wireName(),
        photo.isQueued(),
        photo.width(),
        photo.height(),
        photo.originalBytes(),
        photo.fileKind().label(),
        photo.isShownByBrowsers(),
        cut ? version.confidence() : null,
        cut ? version.method() : null,
        cut ? version.reason() : null,
        cut ? version.subjects() : null,
        cut ? version.id() : null,
        cut ? version.number() : null,
        cut ? version.maker() == CutoutVersion.Maker.HAND : false,
        photo.problem(),
        photo.revision(),
        java.util.List.of());
  }
}

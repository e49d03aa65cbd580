package org.ablebatch.server.picture;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import org.ablebatch.core.raster.Rect;

/** The part of an upright original that counts, in its pixels. */
@Embeddable
record Crop(
    @Column(name = "crop_x") Integer x,
    @Column(name = "crop_y") Integer y,
    @Column(name = "crop_width") Integer width,
    @Column(name = "crop_height") Integer height) {
  static Crop of(Rect rect) {
    return rect == null ? null : new Crop(rect.x(), rect.y(), rect.width(), rect.height());
  }

  /** Null stays null. */
  static Rect rect(Crop crop) {
    return crop == null ? null : new Rect(crop.x, crop.y, crop.width, crop.height);
  }
}

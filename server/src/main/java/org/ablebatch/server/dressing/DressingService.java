package org.ablebatch.server.dressing;

import org.ablebatch.codec.read.PictureReader;
import org.ablebatch.codec.read.ReadLimits;
import org.ablebatch.codec.read.UnreadablePicture;
import org.ablebatch.core.dress.Composer;
import org.ablebatch.core.dress.Fill;
import org.ablebatch.core.dress.Look;
import org.ablebatch.core.dress.Placement;
import org.ablebatch.core.dress.Sharpening;
import org.ablebatch.core.line.PictureState;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.server.picture.CutoutFiles;
import org.ablebatch.server.picture.CutoutVersion;
import org.ablebatch.server.picture.Photo;
import org.ablebatch.server.picture.PhotoRow;
import org.ablebatch.server.picture.SmallPictures;
import org.ablebatch.server.storage.StorageFailed;
import org.springframework.stereotype.Service;

/** Composes pictures under a look: exactly for delivery, from the preview for the screen. */
@Service
public class DressingService {
  private final CutoutFiles files;
  private final SmallPictures small;
  private final PictureReader reader = new PictureReader(ReadLimits.DEFAULT);

  DressingService(CutoutFiles files, SmallPictures small) {
    this.files = files;
    this.small = small;
  }

  /** A picture ready to be composed: pixels with transparency, and the box that is to be fitted. */
  public record Dressable(Picture picture, Rect content) {
    public Picture compose(Look look, int width, int height) {
      Placement placement = Placement.fit(content, width, height, look.marginPercent());
      return Composer.compose(picture, placement, width, height, look.backdrop());
    }

    /** As {@link #compose}; what has to be enlarged is sharpened before it is laid down. */
    public Picture composeSharpened(Look look, int width, int height) {
      Placement placement = Placement.fit(content, width, height, look.marginPercent());
      if (placement.scale() <= 1) {
        return compose(look, width, height);
      }
      Picture enlarged = Composer.compose(picture, placement, width, height, new Fill.Clear());
      Picture crisp = Sharpening.afterEnlarging(enlarged, placement.scale());
      return Composer.compose(crisp, Placement.AS_IT_IS, width, height, look.backdrop());
    }
  }

  /** Full size; a picture that is left whole is its original with the whole frame as content. */
  public Dressable fullSize(PhotoRow row) {
    if (isWhole(row)) {
      Picture original = files.original(row.photo());
      return new Dressable(original, original.bounds());
    }
    Picture original = files.original(row.version());
    return new Dressable(
        files.cutout(original, row.version()).toPicture(), row.version().content());
  }

  /** Screen size, for previews. */
  public Dressable screenSize(PhotoRow row) {
    Photo photo = row.photo();
    Picture preview = read(isWhole(row) ? small.preview(photo) : small.preview(row.version()));
    if (isWhole(row)) {
      return new Dressable(preview, preview.bounds());
    }
    return new Dressable(
        preview, scaled(row.version(), preview.width() / (double) photo.width(), preview));
  }

  private static boolean isWhole(PhotoRow row) {
    return row.version() == null || row.photo().state() == PictureState.LEFT_WHOLE;
  }

  private static Rect scaled(CutoutVersion version, double scale, Picture preview) {
    Rect c = version.content();
    int x = (int) Math.floor(c.x() * scale);
    int y = (int) Math.floor(c.y() * scale);
    int right = (int) Math.ceil(c.right() * scale);
    int bottom = (int) Math.ceil(c.bottom() * scale);
    return new Rect(x, y, Math.max(1, right - x), Math.max(1, bottom - y))
        .intersect(preview.bounds());
  }

  private Picture read(byte[] bytes) {
    try {
      return reader.read(bytes).picture();
    } catch (UnreadablePicture e) {
      throw new StorageFailed(
          "A saved preview can’t be read any more: " + e.getMessage(),
          StorageFailed.Kind.DAMAGED,
          e);
    }
  }
}

package org.ablebatch.server.dressing;

import org.ablebatch.codec.deliver.FileMaker;
import org.ablebatch.codec.read.PictureReader;
import org.ablebatch.codec.read.ReadLimits;
import org.ablebatch.codec.read.UnreadablePicture;
import org.ablebatch.codec.write.EncodedFile;
import org.ablebatch.core.deliver.FileWords;
import org.ablebatch.core.deliver.Spec;
import org.ablebatch.core.dress.Dressable;
import org.ablebatch.core.dress.Dresser;
import org.ablebatch.core.dress.Frame;
import org.ablebatch.core.dress.Labels;
import org.ablebatch.core.dress.QuickShrink;
import org.ablebatch.core.dress.Resampling;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.server.picture.CutoutFiles;
import org.ablebatch.server.picture.Photo;
import org.ablebatch.server.picture.PhotoRow;
import org.ablebatch.server.picture.SmallPictures;
import org.ablebatch.server.storage.StorageFailed;
import org.springframework.stereotype.Service;

/** Dresses pictures with a look: exactly for delivery, from the preview for the screen. */
@Service
public class DressingService {
  private static final int CHECKED_PX = 640;

  private final CutoutFiles files;
  private final SmallPictures small;
  private final ReadyPictures ready;
  private final Dresser dresser;
  private final FileMaker maker;
  private final PictureReader reader = new PictureReader(ReadLimits.DEFAULT);

  DressingService(
      CutoutFiles files, SmallPictures small, ReadyPictures ready, LookSupplies supplies) {
    this.files = files;
    this.small = small;
    this.ready = ready;
    this.dresser = new Dresser(supplies);
    this.maker = new FileMaker(dresser);
  }

  /** The look with what this picture does otherwise. */
  public static Look lookOf(Look look, Photo photo) {
    return photo.dress().changed(look);
  }

  /**
   * @param sharpen what has to be enlarged is made crisp
   */
  public Picture dress(Dressable dressable, Look look, Frame frame, boolean sharpen) {
    return sharpen
        ? dresser.dressSharpened(dressable, look, frame)
        : dresser.dress(dressable, look, frame);
  }

  /**
   * A file of a picture at full size.
   *
   * @throws org.ablebatch.codec.write.CannotWrite when the spec can't be met
   */
  public FileMaker.Made make(
      Dressable dressable, Spec spec, Look look, boolean sharpen, FileWords words) {
    return maker.make(dressable, spec, look, sharpen, words);
  }

  /** What a file of a picture will show, small. */
  public Picture preview(PhotoRow row, Spec spec, Look look, int longestPx) {
    Look effective = lookOf(look, row.photo());
    return preview(
        screenSize(row, spec.lookWith(effective).needsPhotograph()),
        row,
        spec,
        effective,
        longestPx);
  }

  /**
   * A cut line over its subject, small, with its counts.
   *
   * @param spec of a cut line
   */
  public EncodedFile.ShownCutLine cutLine(PhotoRow row, Spec spec, Look look, int longestPx) {
    return maker.cutLine(
        screenSize(row, false), row.measures(), spec, lookOf(look, row.photo()), longestPx);
  }

  /** As the other, for one look at it: it takes nobody's place among those at hand. */
  public Picture previewOnce(PhotoRow row, Spec spec, Look look, int longestPx) {
    Look effective = lookOf(look, row.photo());
    return preview(
        readScreenSize(row, spec.lookWith(effective).needsPhotograph()),
        row,
        spec,
        effective,
        longestPx);
  }

  private Picture preview(Dressable small, PhotoRow row, Spec spec, Look effective, int longestPx) {
    return maker.preview(small, row.measures(), spec, effective, longestPx);
  }

  /** Full size; a picture that is left whole is its original with the whole frame as content. */
  public Dressable fullSize(PhotoRow row) {
    Labels labels = row.photo().labels();
    if (row.isWhole()) {
      Picture original = files.original(row.photo());
      return new Dressable(original, original.bounds(), original, labels);
    }
    Picture original = files.original(row.version());
    return new Dressable(
        files.picture(original, row.version()), row.version().content(), original, labels);
  }

  /** Screen size, for previews. */
  public Dressable screenSize(PhotoRow row, boolean withPhotograph) {
    return ready.get(
        new ReadyPictures.Key(row.photo().id(), row.photo().revision(), withPhotograph),
        () -> readScreenSize(row, withPhotograph));
  }

  /** As {@link #screenSize}, for one look at it: it takes nobody's place among those at hand. */
  Dressable readScreenSize(PhotoRow row, boolean withPhotograph) {
    Photo photo = row.photo();
    Labels labels = photo.labels();
    if (row.isWhole()) {
      Picture preview = read(small.preview(photo));
      return new Dressable(preview, preview.bounds(), preview, labels);
    }
    Picture preview = read(small.preview(row.version()));
    Rect content =
        scaled(row.version().content(), preview.width() / (double) photo.width(), preview);
    Picture photograph = withPhotograph ? fitted(read(small.preview(photo)), preview) : null;
    return new Dressable(preview, content, photograph, labels);
  }

  /** Small enough that a whole set is looked over quickly; with its photograph as it is. */
  Dressable checkSize(PhotoRow row, boolean withPhotograph) {
    Dressable screen = readScreenSize(row, withPhotograph);
    Picture cutout = QuickShrink.toLongSide(screen.cutout(), CHECKED_PX);
    if (screen.photograph() != null || cutout.width() == screen.cutout().width()) {
      return screen;
    }
    double scale = cutout.width() / (double) screen.cutout().width();
    Rect content = scaled(screen.content(), scale, cutout);
    return new Dressable(cutout, content, null, screen.labels());
  }

  /** Both previews are made of the same frame; rounding may tell them apart by a pixel. */
  private static Picture fitted(Picture photograph, Picture cutout) {
    return photograph.width() == cutout.width() && photograph.height() == cutout.height()
        ? photograph
        : Resampling.stretched(photograph, cutout.width(), cutout.height());
  }

  private static Rect scaled(Rect c, double scale, Picture preview) {
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

package org.ablebatch.server.picture;

import java.util.Optional;
import org.ablebatch.codec.read.PictureReader;
import org.ablebatch.codec.read.ReadLimits;
import org.ablebatch.codec.read.UnreadablePicture;
import org.ablebatch.codec.write.DeepCutoutWriter;
import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.check.TellTale;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.DeepPicture;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.subject.Subjects;
import org.ablebatch.server.storage.BlobStore;
import org.ablebatch.server.storage.RenditionStore;
import org.ablebatch.server.storage.Renditions;
import org.ablebatch.server.storage.StorageFailed;
import org.ablebatch.server.storage.WorkingCopies;
import org.springframework.stereotype.Component;

/** Cutouts and originals between the store's bytes and core's rasters. */
@Component
public class CutoutFiles {
  /** Fainter than this is not content when a subject is measured. */
  private static final int CONTENT_FROM = 13;

  private static final int LAST_LABEL = 255;

  private final BlobStore blobs;
  private final RenditionStore renditions;
  private final WorkingCopies copies;
  private final PictureReader reader = new PictureReader(ReadLimits.DEFAULT);

  CutoutFiles(BlobStore blobs, RenditionStore renditions, WorkingCopies copies) {
    this.blobs = blobs;
    this.copies = copies;
    this.renditions = renditions;
  }

  /** The part of the upright original that counts. */
  public Picture original(Photo photo) {
    return original(photo.originalBlob(), photo.crop());
  }

  /** The upright original with what is cropped off. */
  Picture whole(Photo photo) {
    return original(photo.originalBlob(), null);
  }

  /** The photograph, or the part of it, that a version was made of. */
  public Picture original(CutoutVersion version) {
    return original(version.sourceBlob(), version.crop());
  }

  private Picture original(String blob, Rect crop) {
    try {
      Picture whole = reader.read(copies.readable(blob)).picture();
      return crop == null ? whole : whole.crop(crop);
    } catch (UnreadablePicture e) {
      throw damaged(e);
    }
  }

  /**
   * A version's cutout as a PNG of 16 bits a colour.
   *
   * @return empty when the photograph has no more than 8
   */
  Optional<byte[]> deepCutout(CutoutVersion version) {
    try {
      Optional<DeepPicture> deep = reader.readDeep(blobs.get(version.sourceBlob()));
      if (deep.isEmpty()) {
        return Optional.empty();
      }
      DeepPicture part = version.crop() == null ? deep.get() : deep.get().crop(version.crop());
      Picture original = original(version);
      return Optional.of(DeepCutoutWriter.png(cutout(original, version), original, part));
    } catch (UnreadablePicture e) {
      throw damaged(e);
    }
  }

  public Cutout cutout(Picture original, CutoutVersion version) {
    return Cutout.of(original, matte(version), edgeColours(version));
  }

  /** As one picture with transparency. */
  public Picture picture(Picture original, CutoutVersion version) {
    return Cutout.picture(original, matte(version), edgeColours(version));
  }

  private Matte matte(CutoutVersion version) {
    try {
      return reader.readMatte(blobs.get(version.matteBlob()));
    } catch (UnreadablePicture e) {
      throw damaged(e);
    }
  }

  private Picture edgeColours(CutoutVersion version) {
    try {
      return reader.read(blobs.get(version.edgeBlob())).picture();
    } catch (UnreadablePicture e) {
      throw damaged(e);
    }
  }

  public SavedCutout save(Picture original, Cutout cutout) {
    Picture picture = cutout.toPicture();
    Rect content = cutout.matte().contentBox(CONTENT_FROM);
    return new SavedCutout(
        blobs.put(PictureWriter.mattePng(cutout.matte())),
        blobs.put(PictureWriter.png(cutout.edgeColours(original))),
        renditions.put(Renditions.cutoutThumbnail(picture)),
        renditions.put(Renditions.cutoutPreview(picture)),
        content == null ? original.bounds() : content,
        TellTale.of(cutout));
  }

  /** Keeps a label map as a grey PNG, each pixel the number of the subject there. */
  public String saveLabels(Subjects subjects) {
    byte[] numbers = new byte[subjects.labels().length];
    for (int i = 0; i < numbers.length; i++) {
      numbers[i] = (byte) Math.min(LAST_LABEL, subjects.labels()[i]);
    }
    return blobs.put(
        PictureWriter.mattePng(new Matte(subjects.width(), subjects.height(), numbers)));
  }

  private static StorageFailed damaged(UnreadablePicture e) {
    return new StorageFailed(
        "A saved picture can’t be read any more: " + e.getMessage(), StorageFailed.Kind.DAMAGED, e);
  }
}

package org.ablebatch.server.dressing;

import java.time.Clock;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.ablebatch.codec.look.ShippedBackdrops;
import org.ablebatch.codec.read.PictureReader;
import org.ablebatch.codec.read.ReadLimits;
import org.ablebatch.codec.read.UnreadablePicture;
import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.dress.QuickShrink;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.server.problem.BadInput;
import org.ablebatch.server.problem.NotFound;
import org.ablebatch.server.storage.BlobStore;
import org.ablebatch.server.storage.StorageFailed;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The pictures that looks use: those that ship with the program, and one's own. */
@Service
class LookPictures {
  private static final String OWN = "own-";
  private static final int SMALLEST_SIDE_PX = 16;
  private static final int THUMBNAIL_PX = 160;
  private static final int KEPT = 4;
  private static final int NAME_LETTERS = 24;
  private static final int LONGEST_TITLE = 200;

  private final LookPictureRepository own;
  private final BlobStore blobs;
  private final Clock clock;
  private final PictureReader reader = new PictureReader(ReadLimits.DEFAULT);
  private final Map<String, Picture> kept =
      new LinkedHashMap<>(KEPT, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Picture> eldest) {
          return size() > KEPT;
        }
      };

  LookPictures(LookPictureRepository own, BlobStore blobs, Clock clock) {
    this.own = own;
    this.blobs = blobs;
    this.clock = clock;
  }

  /** One that can be chosen. */
  record Choice(String name, String title, boolean shipped) {}

  @Transactional(readOnly = true)
  public List<Choice> all() {
    List<Choice> all = new ArrayList<>();
    ShippedBackdrops.titles().forEach((name, title) -> all.add(new Choice(name, title, true)));
    own.findAllByOrderByTitle().forEach(p -> all.add(new Choice(p.name(), p.title(), false)));
    return all;
  }

  /** Empty when there is none of that name. */
  Optional<Picture> picture(String name) {
    synchronized (kept) {
      Picture found = kept.get(name);
      if (found != null) {
        return Optional.of(found);
      }
    }
    Optional<Picture> read = bytes(name).map(this::read);
    read.ifPresent(
        picture -> {
          synchronized (kept) {
            kept.put(name, picture);
          }
        });
    return read;
  }

  byte[] thumbnail(String name) {
    Picture picture = picture(name).orElseThrow(() -> new NotFound("picture", name));
    return PictureWriter.quickPng(QuickShrink.toLongSide(picture, THUMBNAIL_PX));
  }

  /**
   * Takes a picture in; the same bytes twice are one picture.
   *
   * @throws BadInput with a sentence when it can't be one
   */
  @Transactional
  public Choice take(String fileName, byte[] bytes) {
    Picture picture;
    try {
      picture = reader.read(bytes).picture();
    } catch (UnreadablePicture e) {
      throw new BadInput("file", "“" + fileName + "” can’t be used: " + e.getMessage());
    }
    if (Math.min(picture.width(), picture.height()) < SMALLEST_SIDE_PX) {
      throw new BadInput(
          "file",
          "“%s” is %d × %d px; a picture of a look has at least %d px each way"
              .formatted(fileName, picture.width(), picture.height(), SMALLEST_SIDE_PX));
    }
    String blob = blobs.put(bytes);
    String name = OWN + blob.substring(0, NAME_LETTERS);
    int dot = fileName.lastIndexOf('.');
    String title = dot > 0 ? fileName.substring(0, dot) : fileName;
    String shown = title.substring(0, Math.min(LONGEST_TITLE, title.length()));
    LookPicture saved =
        own.findById(name)
            .orElseGet(
                () ->
                    own.save(
                        new LookPicture(
                            name,
                            shown,
                            blob,
                            picture.width(),
                            picture.height(),
                            clock.instant())));
    return new Choice(saved.name(), saved.title(), false);
  }

  private Optional<byte[]> bytes(String name) {
    return ShippedBackdrops.file(name)
        .or(() -> own.findById(name).map(picture -> blobs.get(picture.blobId())));
  }

  private Picture read(byte[] bytes) {
    try {
      return reader.read(bytes).picture();
    } catch (UnreadablePicture e) {
      throw new StorageFailed(
          "A saved picture can’t be read any more: " + e.getMessage(),
          StorageFailed.Kind.DAMAGED,
          e);
    }
  }
}

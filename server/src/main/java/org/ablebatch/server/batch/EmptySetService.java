package org.ablebatch.server.batch;

import java.lang.ref.SoftReference;
import java.util.Optional;
import org.ablebatch.codec.read.PictureReader;
import org.ablebatch.codec.read.ReadLimits;
import org.ablebatch.codec.read.UnreadablePicture;
import org.ablebatch.core.naming.SafeNames;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.server.problem.BadInput;
import org.ablebatch.server.problem.NotFound;
import org.ablebatch.server.progress.BatchEvents;
import org.ablebatch.server.storage.BlobStore;
import org.ablebatch.server.storage.Renditions;
import org.ablebatch.server.storage.StorageFailed;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** The photograph of a batch's set without a subject. */
@Service
public class EmptySetService {
  private static final int LONGEST_NAME = 200;

  private final BatchRepository batches;
  private final BlobStore blobs;
  private final BatchEvents events;
  private final TransactionTemplate transaction;
  private final PictureReader reader = new PictureReader(ReadLimits.DEFAULT);

  /** A batch's pictures all ask for the same photograph; memory may take it back. */
  private volatile SoftReference<AtHand> lastRead = new SoftReference<>(null);

  EmptySetService(
      BatchRepository batches,
      BlobStore blobs,
      BatchEvents events,
      TransactionTemplate transaction) {
    this.batches = batches;
    this.blobs = blobs;
    this.events = events;
    this.transaction = transaction;
  }

  /** Takes the place of the one before; pictures already cut stay as they are. */
  void attach(long batchId, String uploadedName, byte[] bytes) {
    String name = SafeNames.cleaned(uploadedName);
    Picture picture = read(bytes);
    EmptySetFile file =
        new EmptySetFile(
            SafeNames.shortened(name, LONGEST_NAME),
            blobs.put(bytes),
            blobs.put(Renditions.preview(picture)),
            picture.width(),
            picture.height());
    change(batchId, file);
  }

  void takeAway(long batchId) {
    change(batchId, null);
  }

  byte[] preview(long batchId) {
    return batches
        .findById(batchId)
        .flatMap(Batch::emptySet)
        .map(file -> blobs.get(file.previewBlob()))
        .orElseThrow(() -> new NotFound("empty-set photograph for batch", batchId));
  }

  /** The photograph itself, upright; the one asked for last is kept at hand. */
  public Optional<Picture> photograph(Batch batch) {
    return batch.emptySet().map(file -> atHand(file.blob()));
  }

  private Picture atHand(String blob) {
    AtHand last = lastRead.get();
    if (last == null || !last.blob.equals(blob)) {
      last = new AtHand(blob, saved(blobs.get(blob)));
      lastRead = new SoftReference<>(last);
    }
    return last.picture;
  }

  private void change(long batchId, EmptySetFile file) {
    transaction.executeWithoutResult(
        status ->
            batches
                .lock(batchId)
                .orElseThrow(() -> new NotFound("batch", batchId))
                .setEmptySet(file));
    events.changed(batchId);
  }

  private Picture read(byte[] bytes) {
    try {
      return reader.read(bytes).picture();
    } catch (UnreadablePicture e) {
      throw new BadInput("file", e.getMessage());
    }
  }

  private record AtHand(String blob, Picture picture) {}

  private Picture saved(byte[] bytes) {
    try {
      return reader.read(bytes).picture();
    } catch (UnreadablePicture e) {
      throw new StorageFailed(
          "The saved empty-set photograph can’t be read any more: " + e.getMessage(),
          StorageFailed.Kind.DAMAGED,
          e);
    }
  }
}

package org.ablebatch.server.upload;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import org.ablebatch.codec.archive.ArchiveLimits;
import org.ablebatch.codec.archive.PictureArchive;
import org.ablebatch.codec.archive.UnreadableArchive;
import org.ablebatch.core.naming.SafeNames;
import org.ablebatch.core.sets.FolderPath;
import org.ablebatch.server.picture.IntakeResult;
import org.ablebatch.server.picture.IntakeService;
import org.ablebatch.server.progress.BatchEvents;
import org.ablebatch.server.storage.Sha256;
import org.ablebatch.server.storage.StorageFailed;
import org.ablebatch.server.storage.UploadFolder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Reads one file that has come whole: a picture, or a ZIP. May be killed anywhere and called again:
 * a picture and the mark that its file was dealt with appear in one transaction, for each file in a
 * ZIP too, and the bytes lie in the upload folder until then.
 */
@Component
class UploadReading {
  private static final long MOST_PICTURE_BYTES = ArchiveLimits.DEFAULT.entryBytes();
  private static final int LONGEST_NAME = 200;

  private final UploadRepository uploads;
  private final UploadFolder folder;
  private final IntakeService intake;
  private final BatchEvents events;
  private final TransactionTemplate transaction;
  private final Clock clock;

  UploadReading(
      UploadRepository uploads,
      UploadFolder folder,
      IntakeService intake,
      BatchEvents events,
      TransactionTemplate transaction,
      Clock clock) {
    this.uploads = uploads;
    this.folder = folder;
    this.intake = intake;
    this.events = events;
    this.transaction = transaction;
    this.clock = clock;
  }

  void read(long uploadId) {
    Upload upload = uploads.findById(uploadId).orElse(null);
    if (upload == null || upload.state() != UploadState.COME) {
      return;
    }
    Path file = folder.file(uploadId);
    if (folder.length(uploadId) < upload.bytes()) {
      // The disk kept less than it had promised; the rest has to come again.
      transaction.executeWithoutResult(
          status -> uploads.lock(uploadId).ifPresent(Upload::comeAgain));
      return;
    }
    if (isArchive(file)) {
      readArchive(upload, file);
    } else if (upload.bytes() > MOST_PICTURE_BYTES) {
      refuse(upload, "This file is larger than " + (MOST_PICTURE_BYTES >> 20) + " MB");
    } else {
      intake.take(
          new IntakeService.Arrival(upload.batchId(), upload.path(), upload.place()),
          file,
          bytes(file),
          result -> uploads.lock(uploadId).ifPresent(row -> row.settle(result)));
    }
    events.changed(upload.batchId());
    folder.forget(uploadId);
  }

  private void refuse(Upload upload, String problem) {
    transaction.executeWithoutResult(
        status ->
            uploads
                .lock(upload.id())
                .ifPresent(row -> row.settle(IntakeResult.refused(upload.name(), problem))));
  }

  private static boolean isArchive(Path file) {
    if (!Files.exists(file)) {
      return false;
    }
    try (InputStream in = Files.newInputStream(file)) {
      return PictureArchive.isOne(in.readNBytes(4));
    } catch (IOException e) {
      throw unreadable(e);
    }
  }

  /** Nothing came of an empty file, so nothing was kept. */
  private static byte[] bytes(Path file) {
    try {
      return Files.exists(file) ? Files.readAllBytes(file) : new byte[0];
    } catch (IOException e) {
      throw unreadable(e);
    }
  }

  private static StorageFailed unreadable(IOException e) {
    return new StorageFailed(
        "An upload could not be read: the disk reported an error.",
        StorageFailed.Kind.UNREACHABLE,
        e);
  }

  private void readArchive(Upload zip, Path file) {
    Unpacking unpacking = new Unpacking(zip);
    try {
      PictureArchive.open(file, ArchiveLimits.DEFAULT, unpacking);
      if (unpacking.files == 0) {
        refuse(zip, "There are no files in this ZIP");
        return;
      }
    } catch (UnreadableArchive e) {
      refuse(zip, e.getMessage());
      return;
    }
    transaction.executeWithoutResult(status -> uploads.lock(zip.id()).ifPresent(Upload::unpacked));
  }

  /** Each file in the ZIP gets a line of its own, and those with one are not taken twice. */
  private final class Unpacking implements PictureArchive.Taker {
    private final Upload zip;
    private int files;

    Unpacking(Upload zip) {
      this.zip = zip;
    }

    @Override
    public void take(String name, byte[] bytes) {
      Integer place = zip.place() + files;
      String fingerprint = nextFingerprint();
      if (!uploads.existsByBatchIdAndFingerprint(zip.batchId(), fingerprint)) {
        intake.take(
            new IntakeService.Arrival(zip.batchId(), name, place),
            bytes,
            result -> keep(fingerprint, name, bytes.length, result));
      }
    }

    @Override
    public void refuse(String name, String reason) {
      String fingerprint = nextFingerprint();
      if (!uploads.existsByBatchIdAndFingerprint(zip.batchId(), fingerprint)) {
        transaction.executeWithoutResult(
            status -> keep(fingerprint, name, 0, IntakeResult.refused(name, reason)));
      }
    }

    private String nextFingerprint() {
      String identity = zip.id() + "\n" + files++;
      return Sha256.of(identity.getBytes(StandardCharsets.UTF_8));
    }

    private void keep(String fingerprint, String name, long bytes, IntakeResult result) {
      Upload row =
          new Upload(
              zip,
              FolderPath.of(name),
              SafeNames.shortened(SafeNames.cleaned(name), LONGEST_NAME),
              bytes,
              fingerprint,
              clock.instant());
      row.settle(result);
      uploads.save(row);
      events.changed(zip.batchId());
    }
  }
}

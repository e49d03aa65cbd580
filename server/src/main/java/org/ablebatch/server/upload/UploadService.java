package org.ablebatch.server.upload;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.sql.Timestamp;
import java.time.Clock;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.ablebatch.codec.archive.ArchiveLimits;
import org.ablebatch.core.naming.SafeNames;
import org.ablebatch.core.sets.FolderPath;
import org.ablebatch.server.picture.IntakeResult;
import org.ablebatch.server.picture.IntakeService;
import org.ablebatch.server.problem.BadInput;
import org.ablebatch.server.problem.Conflict;
import org.ablebatch.server.problem.NotFound;
import org.ablebatch.server.progress.BatchEvents;
import org.ablebatch.server.storage.Sha256;
import org.ablebatch.server.storage.UploadFolder;
import org.ablebatch.server.upload.UploadViews.DeclaredFile;
import org.ablebatch.server.upload.UploadViews.UploadView;
import org.ablebatch.server.upload.UploadViews.UploadsView;
import org.springframework.data.domain.Limit;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Knows which files are to come, and how much of each is there. A file is the same again by its
 * path, size and time of change, so that a folder dropped once more goes on where it stood.
 */
@Service
class UploadService {
  private static final int MOST_FILES = 10_000;
  private static final int ASKED_AT_ONCE = 1000;
  private static final int REFUSED_SHOWN = 500;
  private static final int LONGEST_NAME = 200;
  private static final long MOST_BYTES = 8L << 30;

  private static final long LOOK_FOR_WHOLE_MILLIS = 10_000;

  private final UploadRepository uploads;
  private final UploadFolder folder;
  private final IntakeService intake;
  private final IntakeWorkers workers;
  private final BatchEvents events;
  private final JdbcTemplate jdbc;
  private final TransactionTemplate transaction;
  private final Clock clock;

  /** Uploads that somebody is sending right now. */
  private final Set<Long> beingSent = ConcurrentHashMap.newKeySet();

  UploadService(
      UploadRepository uploads,
      UploadFolder folder,
      IntakeService intake,
      IntakeWorkers workers,
      BatchEvents events,
      JdbcTemplate jdbc,
      TransactionTemplate transaction,
      Clock clock) {
    this.uploads = uploads;
    this.folder = folder;
    this.intake = intake;
    this.workers = workers;
    this.events = events;
    this.jdbc = jdbc;
    this.transaction = transaction;
    this.clock = clock;
  }

  /** One answer for every file, in the same order. */
  @Transactional
  public List<UploadView> declare(long batchId, List<DeclaredFile> files) {
    if (files == null || files.isEmpty() || files.size() > MOST_FILES) {
      throw BadInput.expected("files", "1 to 10,000 at once", files == null ? null : files.size());
    }
    List<String> fingerprints = files.stream().map(UploadService::fingerprint).toList();
    int next = insertNew(batchId, files, fingerprints, intake.nextPlace(batchId));
    Map<String, Upload> known = known(batchId, fingerprints);
    comeAgainWhereNeeded(known.values().stream().toList(), next);
    return fingerprints.stream()
        .map(fingerprint -> UploadView.of(known.get(fingerprint), offset(known.get(fingerprint))))
        .toList();
  }

  private static String fingerprint(DeclaredFile file) {
    if (file.path() == null || file.bytes() < 0 || file.bytes() > MOST_BYTES) {
      throw new BadInput("files", "A file has a name and at most 8 GB");
    }
    String identity = file.path() + "\n" + file.bytes() + "\n" + file.modified();
    return Sha256.of(identity.getBytes(StandardCharsets.UTF_8));
  }

  /**
   * Keeps places in the order of the files, however they come in; a ZIP may need as many as it may
   * hold files.
   *
   * @param first the first place that is free
   * @return the next one
   */
  private int insertNew(
      long batchId, List<DeclaredFile> files, List<String> fingerprints, int first) {
    int place = first;
    Timestamp now = Timestamp.from(clock.instant());
    List<Object[]> rows = new ArrayList<>();
    for (int i = 0; i < files.size(); i++) {
      DeclaredFile file = files.get(i);
      rows.add(
          new Object[] {
            batchId,
            FolderPath.of(file.path()),
            SafeNames.shortened(SafeNames.cleaned(file.path()), LONGEST_NAME),
            place,
            file.bytes(),
            fingerprints.get(i),
            (file.bytes() == 0 ? UploadState.COME : UploadState.COMING).name(),
            now
          });
      place += placesFor(file.path());
    }
    jdbc.batchUpdate(
        "INSERT IGNORE INTO upload (batch_id, folder, name, place, bytes, fingerprint, state,"
            + " created_at) VALUES (?, ?, ?, ?, ?, ?, ?, ?)",
        rows);
    return place;
  }

  private static int placesFor(String path) {
    return path.toLowerCase(Locale.ROOT).endsWith(".zip") ? ArchiveLimits.DEFAULT.entries() : 1;
  }

  private Map<String, Upload> known(long batchId, List<String> fingerprints) {
    Map<String, Upload> all = new LinkedHashMap<>();
    for (int i = 0; i < fingerprints.size(); i += ASKED_AT_ONCE) {
      List<String> some = fingerprints.subList(i, Math.min(fingerprints.size(), i + ASKED_AT_ONCE));
      uploads
          .findByBatchIdAndFingerprintIn(batchId, some)
          .forEach(upload -> all.put(upload.fingerprint(), upload));
    }
    return all;
  }

  /** What was refused, or was taken out of the batch since, is wanted once more. */
  private void comeAgainWhereNeeded(List<Upload> known, int freePlace) {
    int place = freePlace;
    List<Upload> taken =
        known.stream().filter(u -> u.state() == UploadState.TAKEN && u.photoId() != null).toList();
    Set<Long> there =
        taken.isEmpty()
            ? Set.of()
            : new HashSet<>(uploads.stillThere(taken.stream().map(Upload::id).toList()));
    for (Upload upload : known) {
      boolean gone =
          taken.contains(upload) ? !there.contains(upload.id()) : isZipWithoutPictures(upload);
      if (upload.state() == UploadState.REFUSED || gone) {
        upload.comeAgain(place);
        place += placesFor(upload.name());
        folder.forget(upload.id());
      }
    }
  }

  /** A ZIP of which everything that was taken in has been taken out of the batch again. */
  private boolean isZipWithoutPictures(Upload upload) {
    if (upload.state() != UploadState.TAKEN || uploads.countThereInside(upload.id()) > 0) {
      return false;
    }
    uploads.deleteAllInside(upload.id());
    return true;
  }

  /** Bytes of an upload that are there. */
  private long offset(Upload upload) {
    return upload.state() == UploadState.COMING ? folder.length(upload.id()) : upload.bytes();
  }

  @Transactional(readOnly = true)
  public UploadView one(long id) {
    Upload upload = require(id);
    return UploadView.of(upload, offset(upload));
  }

  private Upload require(long id) {
    return uploads.findById(id).orElseThrow(() -> new NotFound("upload", id));
  }

  /**
   * Takes in what comes, from where the file ends. When it breaks off, what came is kept.
   *
   * @param offset where the sender thinks that the file ends
   * @return where it ends now
   * @throws Conflict when the sender is mistaken
   */
  long append(long id, long offset, InputStream in) throws IOException {
    if (!beingSent.add(id)) {
      throw new BeingSent();
    }
    try {
      Upload upload = require(id);
      if (offset(upload) != offset) {
        throw new Conflict(
            "This file is there up to byte " + offset(upload) + "; go on from there.");
      }
      if (upload.state() != UploadState.COMING) {
        return upload.bytes();
      }
      long length = folder.append(id, in, upload.bytes() - offset);
      if (length == upload.bytes()) {
        markWhole(id, upload.batchId());
      }
      return length;
    } finally {
      beingSent.remove(id);
    }
  }

  /**
   * Files that lie there whole and were never marked so: the process or the database ended between
   * the last byte and the mark. Whoever sent them has seen the last byte go and sends no more.
   */
  @Scheduled(fixedDelay = LOOK_FOR_WHOLE_MILLIS)
  void noticeWhole() {
    for (UploadRepository.Awaited upload : uploads.awaited(UploadState.COMING)) {
      boolean whole = folder.length(upload.id()) == upload.bytes();
      if (whole && beingSent.add(upload.id())) {
        try {
          markWhole(upload.id(), upload.batchId());
        } finally {
          beingSent.remove(upload.id());
        }
      }
    }
  }

  private void markWhole(long id, long batchId) {
    transaction.executeWithoutResult(
        status ->
            uploads
                .lock(id)
                .filter(upload -> upload.state() == UploadState.COMING)
                .ifPresent(Upload::comeWhole));
    events.changed(batchId);
    workers.ring();
  }

  /** Somebody else is sending the same file at this moment. */
  static final class BeingSent extends RuntimeException {
    private static final long serialVersionUID = 1L;
  }

  @Transactional(readOnly = true)
  public UploadsView ofBatch(long batchId) {
    Map<UploadState, UploadRepository.StateCount> counts =
        uploads.count(batchId).stream()
            .collect(Collectors.toMap(UploadRepository.StateCount::state, Function.identity()));
    List<UploadView> refused =
        uploads
            .findByBatchIdAndStateOrderById(batchId, UploadState.REFUSED, Limit.of(REFUSED_SHOWN))
            .stream()
            .map(upload -> UploadView.of(upload, upload.bytes()))
            .toList();
    return new UploadsView(
        count(counts, UploadState.COMING),
        count(counts, UploadState.COME),
        counts.containsKey(UploadState.TAKEN) ? counts.get(UploadState.TAKEN).pictures() : 0,
        refused,
        count(counts, UploadState.REFUSED),
        workers.trouble());
  }

  private static long count(
      Map<UploadState, UploadRepository.StateCount> counts, UploadState state) {
    return counts.containsKey(state) ? counts.get(state).count() : 0;
  }

  /**
   * Closes the report of what was refused.
   *
   * @param coming true = also gives up what has not come whole
   */
  @Transactional
  public void forget(long batchId, boolean coming) {
    List<Long> ids = new ArrayList<>(uploads.ids(batchId, UploadState.REFUSED));
    if (coming) {
      ids.addAll(uploads.ids(batchId, UploadState.COMING));
    }
    if (!ids.isEmpty()) {
      uploads.deleteAllOf(ids);
      ids.forEach(folder::forget);
    }
    events.changed(batchId);
  }

  /** Takes a file in though the batch has the same bytes already. */
  @Transactional
  public IntakeResult takeAnyway(long id) {
    Upload upload = uploads.lock(id).orElseThrow(() -> new NotFound("upload", id));
    if (upload.state() != UploadState.REFUSED || upload.duplicateOf() == null) {
      throw new Conflict("“" + upload.name() + "” was not held back as a duplicate.");
    }
    IntakeResult result =
        intake.takeTwin(
            new IntakeService.Arrival(upload.batchId(), upload.path(), upload.place()),
            upload.duplicateOf());
    upload.settle(result);
    return result;
  }
}

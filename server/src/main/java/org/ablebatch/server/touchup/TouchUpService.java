package org.ablebatch.server.touchup;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.finding.Expectations;
import org.ablebatch.core.finding.Finding;
import org.ablebatch.core.line.PictureState;
import org.ablebatch.core.mend.HintEdit;
import org.ablebatch.core.proposal.Examined;
import org.ablebatch.core.proposal.Examiner;
import org.ablebatch.core.proposal.Pointing;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.server.bench.Bench;
import org.ablebatch.server.bench.Benches;
import org.ablebatch.server.editing.EditData;
import org.ablebatch.server.editing.EditReading;
import org.ablebatch.server.editing.EditWriting;
import org.ablebatch.server.picture.CutoutFiles;
import org.ablebatch.server.picture.CutoutVersion;
import org.ablebatch.server.picture.CutoutVersionRepository;
import org.ablebatch.server.picture.PendingEdits;
import org.ablebatch.server.picture.Photo;
import org.ablebatch.server.picture.PhotoRepository;
import org.ablebatch.server.picture.PhotoService;
import org.ablebatch.server.picture.PictureView;
import org.ablebatch.server.problem.Conflict;
import org.ablebatch.server.progress.BatchEvents;
import org.ablebatch.server.touchup.EditList.BoxView;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Keeps every edit the moment it is made, shows it on the bench, and renders the list into a new
 * version when somebody needs the result.
 */
@Service
public class TouchUpService implements PendingEdits {
  /** Proposes no mends: the retoucher is mending already. */
  private static final Examiner LOOKING_ONLY = new Examiner(Optional.empty());

  private final EditBook book;
  private final Benches benches;
  private final Things things;
  private final PhotoService photoService;
  private final PhotoRepository photos;
  private final CutoutVersionRepository versions;
  private final CutoutFiles files;
  private final BatchEvents events;
  private final Clock clock;

  TouchUpService(
      EditBook book,
      Benches benches,
      Things things,
      PhotoService photoService,
      PhotoRepository photos,
      CutoutVersionRepository versions,
      CutoutFiles files,
      BatchEvents events,
      Clock clock) {
    this.book = book;
    this.benches = benches;
    this.things = things;
    this.photoService = photoService;
    this.photos = photos;
    this.versions = versions;
    this.files = files;
    this.events = events;
    this.clock = clock;
  }

  /** A picture's edits and the bench that shows those that count. */
  private record Laid(EditBook.Page page, Bench bench) {}

  /** The bench with all edits of a picture that count. */
  public Bench bench(long photoId) {
    EditBook.Page page = book.page(photoId);
    return lay(photoId, page, benches.of(page.base())).bench();
  }

  /** The same for somebody who only looks: nobody's bench is cleared away for it. */
  public Bench benchAside(long photoId) {
    EditBook.Page page = book.page(photoId);
    return lay(photoId, page, benches.knownOrAside(page.base())).bench();
  }

  private Laid lay(long photoId, EditBook.Page page, Bench bench) {
    String before = bench.state();
    List<Bench.Failure> failures = bench.bringTo(steps(page));
    if (!bench.state().equals(before)) {
      events.mended(page.batchId(), photoId, bench.state());
    }
    if (failures.isEmpty()) {
      return new Laid(page, bench);
    }
    book.failed(failures);
    return new Laid(book.page(photoId), bench);
  }

  EditList list(long photoId, Has has) {
    EditBook.Page page = book.page(photoId);
    Laid laid = lay(photoId, page, benches.of(page.base()));
    Bench bench = laid.bench();
    Map<String, EditList.Elsewhere> elsewhere = book.elsewhere(photoId, laid.page());
    return new EditList(
        page.base().id(),
        bench.state(),
        BoxView.of(bench.changedSince(has.since())),
        laid.page().entries().stream()
            .map(entry -> view(entry, bench, has, elsewhere.get(entry.row().clientKey())))
            .toList());
  }

  /**
   * Keeps an edit before it is carried out, so that nothing is lost when that fails.
   *
   * @throws Conflict when it finds nothing to work on; then it is not kept
   */
  EditList add(long photoId, Long baseVersionId, String clientKey, EditData data, Has has) {
    EditReading.edit(data);
    book.add(photoId, baseVersionId, clientKey, reaching(photoId, null, data));
    EditList list = list(photoId, has);
    list.edits().stream()
        .filter(edit -> edit.clientKey().equals(clientKey) && edit.problem() != null)
        .findFirst()
        .ifPresent(
            edit -> {
              book.forget(photoId, clientKey);
              throw new Conflict(edit.problem() + ".");
            });
    return list;
  }

  /**
   * A wide hint with the thing that it lies on; everything else as it is.
   *
   * @param editId that it takes the place of; null = it is new
   */
  EditData reaching(long photoId, Long editId, EditData data) {
    if (!isWide(data)) {
      return data;
    }
    if (data.box() != null && !things.areKnown()) {
      return data.asSubject();
    }
    Optional<Pointing.Meant> meant = meant(photoId, editId, data);
    if (data.box() == null) {
      return data.withArea(meant.map(it -> EditWriting.area(it.thing())).orElse(null));
    }
    // What is on record as said is the thing, not the middle of a frame that was drawn around it.
    Pointing.Meant found =
        meant.orElseThrow(
            () -> new Conflict("Nothing in this box stands out that is not so already."));
    return data.withArea(EditWriting.area(found.thing())).withMark(found.mark());
  }

  private static boolean isWide(EditData data) {
    return EditReading.HINT.equals(EditReading.kind(data)) && Boolean.TRUE.equals(data.wide());
  }

  /** What is wrong with the cutout as it lies on the bench, the worst first. */
  List<Finding> findings(long photoId) {
    EditBook.Page page = book.page(photoId);
    Bench bench = lay(photoId, page, benches.of(page.base())).bench();
    Expectations expected = Expectations.of(Method.ofWireName(page.base().method()));
    return LOOKING_ONLY.examine(bench.inspected(expected), Optional.empty(), page.said()).stream()
        .map(Examined::finding)
        .filter(Finding::isSerious)
        .toList();
  }

  /** Somebody is about to draw hints. */
  void getReadyForHints(long photoId) {
    things.getReady(bench(photoId));
  }

  /** What a hint would change; empty where it speaks for its surroundings only. */
  Optional<EditData.AreaData> thing(long photoId, EditData hint) {
    return meant(photoId, null, hint).map(it -> EditWriting.area(it.thing()));
  }

  /** A hint that is moved is asked again as if it had not been there: it is not its own past. */
  private Optional<Pointing.Meant> meant(long photoId, Long editId, EditData hint) {
    EditBook.Page page = book.page(photoId).without(editId);
    Bench bench = benches.of(page.base());
    bench.bringTo(steps(page));
    return things.at(
        bench,
        EditReading.hint(hint),
        page.said().stream().map(HintEdit::hint).toList(),
        EditReading.frame(hint));
  }

  private List<Bench.Step> steps(EditBook.Page page) {
    return page.entries().stream()
        .filter(entry -> entry.row().counts())
        .map(TouchUpService::step)
        .toList();
  }

  private static Bench.Step step(EditBook.Entry entry) {
    EditRow row = entry.row();
    return new Bench.Step(row.id(), row.revision(), () -> EditReading.edit(entry.data()));
  }

  private static EditList.EditView view(
      EditBook.Entry entry, Bench bench, Has has, EditList.Elsewhere elsewhere) {
    EditRow row = entry.row();
    return new EditList.EditView(
        row.id(),
        row.clientKey(),
        has.knows(row) ? null : entry.data(),
        row.isEnabled(),
        row.isUndone(),
        BoxView.of(bench.boxOf(row.id())),
        row.problem(),
        elsewhere,
        row.isByTicket());
  }

  /**
   * Sends the picture back to Check.
   *
   * @param drawn true = with the result, false = {@link MendJob} draws it
   */
  @Transactional
  public PictureView done(long photoId, boolean drawn) {
    Photo photo = photoService.lock(photoId);
    if (photo.state() != PictureState.IN_TOUCH_UP) {
      throw new Conflict(
          "“%s” is not in touch-up any more; somebody was quicker.".formatted(photo.fileName()));
    }
    if (drawn) {
      render(photoId);
    }
    photo.moveTo(PictureState.TO_CHECK);
    photos.flush();
    events.changed(photo.batchId(), photoId);
    return photoService.view(photoId);
  }

  @Override
  @Transactional
  public void render(long photoId) {
    Photo photo = photoService.lock(photoId);
    if (!photo.shown().lacksEdits()) {
      return;
    }
    EditBook.Page page = book.page(photoId);
    CutoutVersion base = page.base();
    if (page.isEmpty()) {
      photo.shown().replaceWith(base);
    } else {
      Bench bench = lay(photoId, page, benches.knownOrAside(base)).bench();
      Cutout mended = bench.cutout();
      int number = versions.lastNumber(photoId) + 1;
      photo
          .shown()
          .replaceWith(
              versions.save(
                  new CutoutVersion(
                      photoId,
                      number,
                      base,
                      files.save(bench.original(), mended),
                      clock.instant())));
    }
    events.changed(photo.batchId(), photoId);
  }
}

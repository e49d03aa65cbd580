package org.ablebatch.server.touchup;

import java.time.Clock;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import org.ablebatch.core.line.PictureState;
import org.ablebatch.core.mend.HintEdit;
import org.ablebatch.server.bench.Bench;
import org.ablebatch.server.editing.EditData;
import org.ablebatch.server.editing.EditReading;
import org.ablebatch.server.picture.CutoutVersion;
import org.ablebatch.server.picture.CutoutVersion.Maker;
import org.ablebatch.server.picture.Photo;
import org.ablebatch.server.picture.PhotoRow;
import org.ablebatch.server.picture.PhotoService;
import org.ablebatch.server.problem.Conflict;
import org.ablebatch.server.problem.NotFound;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The list of edits of every picture, as the database keeps it; no pixels. */
@Component
public class EditBook {
  private static final int LONGEST_PROBLEM = 400;

  /** What was passed, rejected or delivered is not changed behind a checker's back. */
  static final Set<PictureState> GROUP_REACHES =
      Set.of(PictureState.TO_CHECK, PictureState.IN_TOUCH_UP);

  private final EditRepository edits;
  private final PhotoService photoService;
  private final JsonMapper json;
  private final Clock clock;

  EditBook(EditRepository edits, PhotoService photoService, JsonMapper json, Clock clock) {
    this.edits = edits;
    this.photoService = photoService;
    this.json = json;
    this.clock = clock;
  }

  /** The edits over a cutout, in the order in which they are carried out. */
  record Page(long batchId, CutoutVersion base, List<Entry> entries) {
    /**
     * @param editId null = nothing is left out
     */
    Page without(Long editId) {
      return new Page(
          batchId,
          base,
          entries.stream().filter(entry -> !entry.row().id().equals(editId)).toList());
    }

    boolean isEmpty() {
      return entries.stream().noneMatch(entry -> entry.row().counts());
    }

    /** What hints that count say of the picture. */
    List<HintEdit> said() {
      return entries.stream()
          .filter(entry -> entry.row().counts() && entry.row().kind().equals(EditReading.HINT))
          .map(entry -> EditReading.hintEdit(entry.data()))
          .toList();
    }
  }

  /** One of them; what it is is read only when somebody asks, as most are on the bench already. */
  record Entry(EditRow row, JsonMapper json) {
    EditData data() {
      return json.readValue(row.data(), EditData.class);
    }
  }

  @Transactional(readOnly = true)
  public Page page(long photoId) {
    PhotoRow photo = photoService.row(photoId);
    CutoutVersion base = base(photo);
    List<Entry> entries = rows(photoId, base).stream().map(row -> new Entry(row, json)).toList();
    return new Page(photo.photo().batchId(), base, entries);
  }

  /** What somebody has said of a picture by hints that count. */
  @Transactional(readOnly = true)
  public List<HintEdit> said(long photoId) {
    return page(photoId).said();
  }

  /** The edits of a page that other pictures have too, by their keys. */
  @Transactional(readOnly = true)
  public Map<String, EditList.Elsewhere> elsewhere(long photoId, Page page) {
    List<String> keys =
        page.entries().stream()
            .map(Entry::row)
            .filter(row -> row.kind().equals(EditReading.EDGE))
            .map(EditRow::clientKey)
            .toList();
    if (keys.isEmpty()) {
      return Map.of();
    }
    Map<String, EditList.Elsewhere> found = new HashMap<>();
    for (EditRepository.Shared shared : edits.shared(page.batchId(), photoId, keys, Maker.HAND)) {
      int pictures = (int) shared.pictures();
      boolean open = GROUP_REACHES.contains(shared.state());
      found.merge(
          shared.clientKey(),
          new EditList.Elsewhere(open ? pictures : 0, open ? 0 : pictures),
          (a, b) -> new EditList.Elsewhere(a.open() + b.open(), a.judged() + b.judged()));
    }
    return found;
  }

  /**
   * Keeps one more edit. What was undone before it can no longer come again.
   *
   * @param baseVersionId over which cutout it was made; null = the current one
   * @param clientKey chosen by the browser, so that an edit that is sent twice is kept once
   */
  @Transactional
  public void add(long photoId, Long baseVersionId, String clientKey, EditData data) {
    Photo photo = lockInTouchUp(photoId);
    CutoutVersion base = base(photoService.row(photoId));
    if (edits.findByPhotoIdAndClientKey(photoId, clientKey).isPresent()) {
      return;
    }
    if (baseVersionId != null && !baseVersionId.equals(base.id())) {
      throw new CutMeanwhile(photo.fileName());
    }
    append(photo, base, clientKey, data);
  }

  /**
   * Keeps an edit that was made elsewhere: on another picture of the group, or in Check.
   *
   * @return false when the picture is neither on the bench nor waits in Check any more
   */
  @Transactional
  public boolean addIfOpen(long photoId, String clientKey, EditData data) {
    Photo photo = photoService.lock(photoId);
    if (!GROUP_REACHES.contains(photo.state()) || !photo.shown().isThere()) {
      return false;
    }
    if (edits.findByPhotoIdAndClientKey(photoId, clientKey).isEmpty()) {
      append(photo, base(photoService.row(photoId)), clientKey, data);
    }
    return true;
  }

  /**
   * Keeps an edit that the ticket asks for.
   *
   * @return false when the picture is neither on the bench nor waits in Check any more
   */
  @Transactional
  public boolean addByTicket(long photoId, String clientKey, EditData data) {
    if (!addIfOpen(photoId, clientKey, data)) {
      return false;
    }
    edits.findByPhotoIdAndClientKey(photoId, clientKey).ifPresent(EditRow::setByTicket);
    return true;
  }

  /**
   * Takes an edit out that was made elsewhere.
   *
   * @return false when the picture was judged meanwhile; it keeps the edit
   */
  @Transactional
  public boolean removeIfOpen(long photoId, String clientKey) {
    Photo photo = photoService.lock(photoId);
    if (!GROUP_REACHES.contains(photo.state())) {
      return false;
    }
    forget(photoId, clientKey);
    photo.shown().editsChanged();
    return true;
  }

  private void append(Photo photo, CutoutVersion base, String clientKey, EditData data) {
    long photoId = photo.id();
    List<EditRow> rows = rows(photoId, base);
    edits.deleteAll(rows.stream().filter(EditRow::isUndone).toList());
    int last = rows.stream().mapToInt(EditRow::position).max().orElse(0);
    edits.save(
        new EditRow(
            photoId,
            base.id(),
            last + 1,
            clientKey,
            EditReading.kind(data),
            json.writeValueAsString(data),
            clock.instant()));
    photo.shown().editsChanged();
  }

  @Transactional
  public void undo(long photoId) {
    change(
        photoId,
        rows ->
            rows.stream()
                .filter(row -> !row.isUndone())
                .reduce((first, second) -> second)
                .ifPresent(row -> row.setUndone(true)));
  }

  @Transactional
  public void redo(long photoId) {
    change(
        photoId,
        rows ->
            rows.stream()
                .filter(EditRow::isUndone)
                .findFirst()
                .ifPresent(row -> row.setUndone(false)));
  }

  /** Undoes everything at once; redo brings the edits back one by one. */
  @Transactional
  public void backToAutomatic(long photoId) {
    change(photoId, rows -> rows.forEach(row -> row.setUndone(true)));
  }

  @Transactional
  public void setEnabled(long photoId, long editId, boolean enabled) {
    change(photoId, rows -> find(rows, editId).setEnabled(enabled));
  }

  @Transactional
  public void delete(long photoId, long editId) {
    change(photoId, rows -> edits.delete(find(rows, editId)));
  }

  /** Other settings for an edit, such as a hint that was moved. */
  @Transactional
  public void change(long photoId, long editId, EditData data) {
    change(photoId, rows -> find(rows, editId).change(json.writeValueAsString(data)));
  }

  /**
   * @param place from 0, the first that is carried out
   */
  @Transactional
  public void move(long photoId, long editId, int place) {
    change(
        photoId,
        rows -> {
          List<EditRow> order = new ArrayList<>(rows);
          EditRow moved = find(rows, editId);
          order.remove(moved);
          order.add(Math.max(0, Math.min(order.size(), place)), moved);
          for (int k = 0; k < order.size(); k++) {
            order.get(k).moveTo(k + 1);
          }
        });
  }

  /** Switches edits off that could not be carried out, with the reason. */
  @Transactional
  public void failed(List<Bench.Failure> failures) {
    for (Bench.Failure failure : failures) {
      String sentence = failure.sentence();
      edits
          .findById(failure.id())
          .ifPresent(
              row ->
                  row.failed(sentence.substring(0, Math.min(LONGEST_PROBLEM, sentence.length()))));
    }
  }

  /** Takes an edit that came to nothing out again. */
  @Transactional
  public void forget(long photoId, String clientKey) {
    edits.findByPhotoIdAndClientKey(photoId, clientKey).ifPresent(edits::delete);
  }

  /** Goes on from a cutout that the picture had before; the edits over it come again. */
  @Transactional
  public void goOnFrom(long photoId, long versionId) {
    Photo photo = lockInTouchUp(photoId);
    CutoutVersion version = photoService.version(versionId);
    if (version.photoId() != photoId || version.maker() == Maker.HAND || !version.isOf(photo)) {
      throw new NotFound("cutout of this photograph with number", versionId);
    }
    photo.shown().replaceWith(version);
    photo.shown().editsChanged();
  }

  private void change(long photoId, Consumer<List<EditRow>> what) {
    Photo photo = lockInTouchUp(photoId);
    what.accept(rows(photoId, base(photoService.row(photoId))));
    photo.shown().editsChanged();
  }

  private static EditRow find(List<EditRow> rows, long editId) {
    return rows.stream()
        .filter(row -> row.id() == editId)
        .findFirst()
        .orElseThrow(() -> new NotFound("edit of this picture with number", editId));
  }

  private Photo lockInTouchUp(long photoId) {
    Photo photo = photoService.lock(photoId);
    if (photo.state() != PictureState.IN_TOUCH_UP) {
      throw new Conflict(
          "“%s” is not in touch-up any more (it is now: %s). Send it to Touch-up again to go on."
              .formatted(photo.fileName(), photo.state().wireName().replace('-', ' ')));
    }
    return photo;
  }

  /** The cutout that the current version is, or was mended from. */
  private CutoutVersion base(PhotoRow photo) {
    CutoutVersion current = photo.version();
    if (current == null) {
      throw new NotFound("cutout yet for picture", photo.photo().id());
    }
    return current.maker() == Maker.HAND ? photoService.version(current.baseVersionId()) : current;
  }

  private List<EditRow> rows(long photoId, CutoutVersion base) {
    return edits.findByPhotoIdAndBaseVersionIdOrderByPositionAscIdAsc(photoId, base.id());
  }
}

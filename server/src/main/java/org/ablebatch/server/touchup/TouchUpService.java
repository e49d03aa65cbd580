package org.ablebatch.server.touchup;

import java.time.Clock;
import java.util.List;
import org.ablebatch.core.line.PictureState;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.stroke.Edit;
import org.ablebatch.core.stroke.EditReplay;
import org.ablebatch.server.picture.CutoutFiles;
import org.ablebatch.server.picture.CutoutVersion;
import org.ablebatch.server.picture.CutoutVersion.Maker;
import org.ablebatch.server.picture.CutoutVersionRepository;
import org.ablebatch.server.picture.Photo;
import org.ablebatch.server.picture.PhotoRepository;
import org.ablebatch.server.picture.PhotoService;
import org.ablebatch.server.picture.PictureView;
import org.ablebatch.server.problem.Conflict;
import org.ablebatch.server.problem.NotFound;
import org.ablebatch.server.progress.BatchEvents;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/**
 * Keeps every edit the moment it is made, and renders the list into a new version when somebody
 * needs the result. The browser's preview is the same computation, but this one counts.
 */
@Service
public class TouchUpService {
  private final EditRepository edits;
  private final PhotoService photoService;
  private final PhotoRepository photos;
  private final CutoutVersionRepository versions;
  private final CutoutFiles files;
  private final BatchEvents events;
  private final JsonMapper json;
  private final Clock clock;

  TouchUpService(
      EditRepository edits,
      PhotoService photoService,
      PhotoRepository photos,
      CutoutVersionRepository versions,
      CutoutFiles files,
      BatchEvents events,
      JsonMapper json,
      Clock clock) {
    this.edits = edits;
    this.photoService = photoService;
    this.photos = photos;
    this.versions = versions;
    this.files = files;
    this.events = events;
    this.json = json;
    this.clock = clock;
  }

  @Transactional(readOnly = true)
  public EditList list(long photoId) {
    CutoutVersion base = base(photoId);
    return new EditList(base.id(), rows(photoId, base).stream().map(this::view).toList());
  }

  /**
   * Keeps one more stroke. What was undone before it can no longer come again.
   *
   * @param clientKey chosen by the browser, so that a stroke sent twice is kept once
   */
  @Transactional
  public EditList add(long photoId, String clientKey, BrushData stroke) {
    stroke.toStroke();
    Photo photo = lockInTouchUp(photoId);
    CutoutVersion base = base(photoId);
    if (edits.findByPhotoIdAndClientKey(photoId, clientKey).isEmpty()) {
      edits.deleteAll(rows(photoId, base).stream().filter(EditRow::isUndone).toList());
      edits.save(
          new EditRow(
              photoId,
              base.id(),
              clientKey,
              "brush",
              json.writeValueAsString(stroke),
              clock.instant()));
      photo.editsChanged();
    }
    return list(photoId);
  }

  @Transactional
  public EditList undo(long photoId) {
    Photo photo = lockInTouchUp(photoId);
    List<EditRow> rows = rows(photoId, base(photoId));
    for (int i = rows.size() - 1; i >= 0; i--) {
      if (!rows.get(i).isUndone()) {
        rows.get(i).setUndone(true);
        photo.editsChanged();
        break;
      }
    }
    return list(photoId);
  }

  @Transactional
  public EditList redo(long photoId) {
    Photo photo = lockInTouchUp(photoId);
    rows(photoId, base(photoId)).stream()
        .filter(EditRow::isUndone)
        .findFirst()
        .ifPresent(
            row -> {
              row.setUndone(false);
              photo.editsChanged();
            });
    return list(photoId);
  }

  /** Undoes everything at once; redo brings the edits back one by one. */
  @Transactional
  public EditList backToAutomatic(long photoId) {
    Photo photo = lockInTouchUp(photoId);
    rows(photoId, base(photoId)).forEach(row -> row.setUndone(true));
    photo.editsChanged();
    return list(photoId);
  }

  @Transactional
  public EditList setEnabled(long photoId, long editId, boolean enabled) {
    Photo photo = lockInTouchUp(photoId);
    EditRow row =
        edits
            .findById(editId)
            .filter(edit -> edit.photoId() == photoId)
            .orElseThrow(() -> new NotFound("edit of this picture with number", editId));
    row.setEnabled(enabled);
    photo.editsChanged();
    return list(photoId);
  }

  /** Renders what was made and sends the picture back to Check. */
  @Transactional
  public PictureView done(long photoId) {
    Photo photo = lockInTouchUp(photoId);
    renderPending(photoId);
    photo.moveTo(PictureState.TO_CHECK);
    photos.flush();
    events.changed(photo.batchId(), photoId);
    return photoService.view(photoId);
  }

  /** Makes a version of edits that no version shows yet; does nothing when there are none. */
  @Transactional
  public void renderPending(long photoId) {
    Photo photo = photoService.lock(photoId);
    if (!photo.hasPendingEdits()) {
      return;
    }
    CutoutVersion base = base(photoId);
    List<Edit> active =
        rows(photoId, base).stream()
            .filter(row -> row.isEnabled() && !row.isUndone())
            .map(row -> (Edit) data(row).toStroke())
            .toList();
    if (active.isEmpty()) {
      photo.replaceVersion(base);
    } else {
      Picture original = files.original(base);
      Cutout mended = EditReplay.replay(original, files.cutout(original, base), active);
      int number = versions.lastNumber(photoId) + 1;
      photo.replaceVersion(
          versions.save(
              new CutoutVersion(
                  photoId, number, base, files.save(original, mended), clock.instant())));
    }
    events.changed(photo.batchId(), photoId);
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
  private CutoutVersion base(long photoId) {
    CutoutVersion current = photoService.row(photoId).version();
    if (current == null) {
      throw new NotFound("cutout yet for picture", photoId);
    }
    return current.maker() == Maker.HAND ? photoService.version(current.baseVersionId()) : current;
  }

  private List<EditRow> rows(long photoId, CutoutVersion base) {
    return edits.findByPhotoIdAndBaseVersionIdOrderById(photoId, base.id());
  }

  private EditList.EditView view(EditRow row) {
    return new EditList.EditView(
        row.id(), row.clientKey(), data(row), row.isEnabled(), row.isUndone());
  }

  private BrushData data(EditRow row) {
    return json.readValue(row.data(), BrushData.class);
  }
}

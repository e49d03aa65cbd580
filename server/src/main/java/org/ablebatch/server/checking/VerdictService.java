package org.ablebatch.server.checking;

import java.time.Clock;
import org.ablebatch.core.line.PictureState;
import org.ablebatch.server.picture.Photo;
import org.ablebatch.server.picture.PhotoRepository;
import org.ablebatch.server.picture.PhotoService;
import org.ablebatch.server.picture.PictureView;
import org.ablebatch.server.problem.BadInput;
import org.ablebatch.server.problem.Conflict;
import org.ablebatch.server.progress.BatchEvents;
import org.ablebatch.server.touchup.TouchUpService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Gives verdicts and takes the last one back. */
@Service
public class VerdictService {
  private final PhotoRepository photos;
  private final PhotoService photoService;
  private final VerdictRepository verdicts;
  private final TouchUpService touchUp;
  private final BatchEvents events;
  private final Clock clock;

  VerdictService(
      PhotoRepository photos,
      PhotoService photoService,
      VerdictRepository verdicts,
      TouchUpService touchUp,
      BatchEvents events,
      Clock clock) {
    this.photos = photos;
    this.photoService = photoService;
    this.verdicts = verdicts;
    this.touchUp = touchUp;
    this.events = events;
    this.clock = clock;
  }

  /**
   * @param verdict pass, touch-up or reject
   * @param seenRevision what the person was looking at; null = not checked
   * @throws Conflict when the picture has changed since
   */
  @Transactional
  public PictureView judge(long photoId, String verdict, Long seenRevision) {
    PictureState next = stateFor(verdict);
    Photo photo = photoService.lock(photoId);
    if (seenRevision != null && seenRevision != photo.revision()) {
      throw new Conflict(
          "“%s” has changed since you opened it (it is now: %s). Your verdict was not recorded; look"
                  .formatted(photo.fileName(), words(photo.state()))
              + " again.");
    }
    if (photo.currentVersionId() == null) {
      throw new Conflict("“" + photo.fileName() + "” has no cutout to judge yet.");
    }
    if (photo.state() == next) {
      return photoService.row(photoId).view();
    }
    if (photo.hasPendingEdits()) {
      touchUp.renderPending(photoId);
    }
    PictureState from = photo.state();
    photo.moveTo(next);
    verdicts.save(new Verdict(photoId, photo.currentVersionId(), from, next, clock.instant()));
    return changed(photo);
  }

  /** Takes the last verdict on a picture back, as long as nothing came after it. */
  @Transactional
  public PictureView takeBack(long photoId) {
    Photo photo = photoService.lock(photoId);
    Verdict last =
        verdicts
            .findFirstByPhotoIdAndTakenBackAtIsNullOrderByIdDesc(photoId)
            .orElseThrow(
                () ->
                    new Conflict(
                        "There is no verdict on “" + photo.fileName() + "” to take back."));
    if (photo.state() != last.toState()) {
      throw new Conflict(
          "“%s” has moved on since that verdict (it is now: %s), so it was not taken back."
              .formatted(photo.fileName(), words(photo.state())));
    }
    photo.moveTo(last.fromState());
    last.takeBack(clock.instant());
    return changed(photo);
  }

  private PictureView changed(Photo photo) {
    photos.flush();
    events.changed(photo.batchId(), photo.id());
    return photoService.row(photo.id()).view();
  }

  private static String words(PictureState state) {
    return state.wireName().replace('-', ' ');
  }

  private static PictureState stateFor(String verdict) {
    return switch (verdict == null ? "" : verdict) {
      case "pass" -> PictureState.PASSED;
      case "touch-up" -> PictureState.IN_TOUCH_UP;
      case "reject" -> PictureState.REJECTED;
      default -> throw new BadInput("verdict", "A verdict is pass, touch-up or reject");
    };
  }
}

package org.ablebatch.server.checking;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.ablebatch.core.line.PictureState;
import org.ablebatch.server.checking.TogetherController.Seen;
import org.ablebatch.server.checking.TogetherController.TogetherView;
import org.ablebatch.server.picture.PendingEdits;
import org.ablebatch.server.picture.Photo;
import org.ablebatch.server.picture.PhotoRepository;
import org.ablebatch.server.picture.PhotoService;
import org.ablebatch.server.picture.PictureView;
import org.ablebatch.server.picture.Remark;
import org.ablebatch.server.problem.BadInput;
import org.ablebatch.server.problem.Conflict;
import org.ablebatch.server.problem.NotFound;
import org.ablebatch.server.progress.BatchEvents;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Gives verdicts and takes the last one back. */
@Service
public class VerdictService {
  private static final int MOST_TOGETHER = 10_000;

  private final PhotoRepository photos;
  private final PhotoService photoService;
  private final VerdictRepository verdicts;
  private final PendingEdits pendingEdits;
  private final BatchEvents events;
  private final Clock clock;

  VerdictService(
      PhotoRepository photos,
      PhotoService photoService,
      VerdictRepository verdicts,
      PendingEdits pendingEdits,
      BatchEvents events,
      Clock clock) {
    this.photos = photos;
    this.photoService = photoService;
    this.verdicts = verdicts;
    this.pendingEdits = pendingEdits;
    this.events = events;
    this.clock = clock;
  }

  /**
   * @throws Conflict when the picture has changed since it was looked at
   */
  @Transactional
  public PictureView judge(long photoId, VerdictRequest request) {
    PictureState next = stateFor(request.verdict());
    Photo photo = photoService.lock(photoId);
    requireUnchanged(photo, request.revision());
    if (isNotTheLastWord(photo, next)) {
      throw new Conflict(
          "“%s” was mended and is being redrawn. Your verdict was not recorded; look again in a moment."
              .formatted(photo.fileName()));
    }
    if (photo.state() != next) {
      Verdict verdict = record(photo, next, request.remark());
      verdict.looked(request.lookedMillis());
      return changed(photo);
    }
    return photoService.view(photoId);
  }

  /** A checker passes what she saw; the bench and a reject need no drawing to be finished. */
  private static boolean isNotTheLastWord(Photo photo, PictureState next) {
    return next == PictureState.PASSED && photo.isBeingRedrawn();
  }

  private static void requireUnchanged(Photo photo, Long seenRevision) {
    if (seenRevision != null && seenRevision != photo.revision()) {
      throw new Conflict(
          "“%s” has changed since you opened it (it is now: %s). Your verdict was not recorded; look"
                  .formatted(photo.fileName(), words(photo.state()))
              + " again.");
    }
    if (!photo.shown().isThere()) {
      throw new Conflict("“" + photo.fileName() + "” has no cutout to judge yet.");
    }
  }

  private Verdict record(Photo photo, PictureState next, Remark remark) {
    if (photo.shown().lacksEdits() && next != PictureState.IN_TOUCH_UP) {
      pendingEdits.render(photo.id());
    }
    PictureState from = photo.state();
    photo.moveTo(next);
    photo.remark(remark);
    Verdict verdict =
        new Verdict(photo.id(), photo.shown().versionId(), from, next, clock.instant());
    verdict.say(remark);
    return verdicts.save(verdict);
  }

  /**
   * One verdict on many at once. What has changed since it was looked at, or does not wait to be
   * checked any more, is left alone and named.
   */
  @Transactional
  public TogetherView judgeTogether(long batchId, String verdict, List<Seen> seen) {
    PictureState next = stateFor(verdict);
    if (seen == null || seen.isEmpty() || seen.size() > MOST_TOGETHER) {
      throw BadInput.expected("pictures", "1 to 10,000 at once", seen == null ? null : seen.size());
    }
    if (seen.stream().anyMatch(one -> one.id() == null || one.revision() == null)) {
      throw new BadInput("pictures", "Each picture has its id and the revision that was seen");
    }
    Map<Long, Long> revisions =
        seen.stream().collect(Collectors.toMap(Seen::id, Seen::revision, (a, b) -> a));
    String together = UUID.randomUUID().toString();
    List<Long> judged = new ArrayList<>();
    for (Photo photo : photos.lockAll(batchId, revisions.keySet())) {
      boolean asSeen =
          revisions.get(photo.id()) == photo.revision() && !isNotTheLastWord(photo, next);
      if (asSeen && photo.state() == PictureState.TO_CHECK && photo.shown().isThere()) {
        record(photo, next, null).giveTogether(together);
        judged.add(photo.id());
      }
    }
    photos.flush();
    judged.forEach(id -> events.changed(batchId, id));
    return new TogetherView(together, judged.size(), revisions.size() - judged.size());
  }

  /** Takes back what was given together, but for pictures on which something came after it. */
  @Transactional
  public TogetherView takeBackTogether(long batchId, String together) {
    List<Verdict> given = verdicts.findByTogetherAndTakenBackAtIsNull(together);
    if (given.isEmpty()) {
      throw new NotFound("verdicts given together as", together);
    }
    Map<Long, Verdict> byPhoto =
        given.stream().collect(Collectors.toMap(Verdict::photoId, verdict -> verdict));
    int back = 0;
    for (Photo photo : photos.lockAll(batchId, byPhoto.keySet())) {
      Verdict verdict = byPhoto.get(photo.id());
      if (photo.state() == verdict.toState()) {
        photo.moveTo(verdict.fromState());
        photo.remark(null);
        verdict.takeBack(clock.instant());
        events.changed(batchId, photo.id());
        back++;
      }
    }
    photos.flush();
    return new TogetherView(together, back, given.size() - back);
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
    photo.remark(null);
    last.takeBack(clock.instant());
    return changed(photo);
  }

  /**
   * The first verdict that stands on a picture since a moment.
   *
   * @param words the state that it led to
   * @param remark what was said; null = nothing
   */
  public record First(boolean passed, Long versionId, String words, Remark remark) {}

  /** By picture; those without one are left out. */
  @Transactional(readOnly = true)
  public Map<Long, First> firstSince(Collection<Long> photoIds, Instant since) {
    return verdicts
        .findByPhotoIdInAndGivenAtGreaterThanEqualAndTakenBackAtIsNullOrderById(photoIds, since)
        .stream()
        .collect(Collectors.toMap(Verdict::photoId, Verdict::asFirst, (first, later) -> first));
  }

  private PictureView changed(Photo photo) {
    photos.flush();
    events.changed(photo.batchId(), photo.id());
    return photoService.view(photo.id());
  }

  private static String words(PictureState state) {
    return state.wireName().replace('-', ' ');
  }

  private static PictureState stateFor(String verdict) {
    return switch (verdict == null ? "" : verdict) {
      case "pass" -> PictureState.PASSED;
      case "touch-up" -> PictureState.IN_TOUCH_UP;
      case "reject" -> PictureState.REJECTED;
      default -> throw BadInput.expected("verdict", "pass, touch-up or reject", verdict);
    };
  }
}

package org.ablebatch.server.proposing;

import java.time.Clock;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.ablebatch.core.finding.Finding;
import org.ablebatch.core.finding.FindingKind;
import org.ablebatch.core.finding.Mend;
import org.ablebatch.core.line.PictureState;
import org.ablebatch.server.picture.CutoutVersion;
import org.ablebatch.server.picture.Photo;
import org.ablebatch.server.picture.PhotoRepository;
import org.ablebatch.server.picture.PhotoRow;
import org.ablebatch.server.picture.PhotoService;
import org.ablebatch.server.picture.PictureView;
import org.ablebatch.server.picture.ProposedMend;
import org.ablebatch.server.problem.Conflict;
import org.ablebatch.server.problem.NotFound;
import org.ablebatch.server.progress.BatchEvents;
import org.ablebatch.server.proposing.MendViews.AnswersView;
import org.ablebatch.server.proposing.MendViews.OneView;
import org.ablebatch.server.proposing.MendViews.ProposedView;
import org.ablebatch.server.proposing.MendViews.TakenView;
import org.ablebatch.server.touchup.EditBook;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Carries proposed mends into the list of edits, or keeps that a finding is right. Nothing is taken
 * without somebody who asked for it.
 */
@Service
class MendService {
  private static final Set<PictureState> IN_CHECK = Set.of(PictureState.TO_CHECK);

  private final MendAnswerRepository answers;
  private final EditBook book;
  private final PhotoRepository photos;
  private final PhotoService photoService;
  private final BatchEvents events;
  private final Clock clock;

  /**
   * Who takes mends, and under which name all of them can be taken back.
   *
   * @param byTicket true = nobody pressed a key for it
   */
  private record Taking(String together, boolean byTicket) {
    static Taking withAKey() {
      return new Taking(UUID.randomUUID().toString(), false);
    }

    static Taking unasked() {
      return new Taking(UUID.randomUUID().toString(), true);
    }
  }

  MendService(
      MendAnswerRepository answers,
      EditBook book,
      PhotoRepository photos,
      PhotoService photoService,
      BatchEvents events,
      Clock clock) {
    this.answers = answers;
    this.book = book;
    this.photos = photos;
    this.photoService = photoService;
    this.events = events;
    this.clock = clock;
  }

  /** Mends of the shown version that are still open. */
  @Transactional(readOnly = true)
  public ProposedView proposed(long photoId) {
    CutoutVersion version = shown(photoService.row(photoId));
    Set<Integer> answered = answered(version);
    return new ProposedView(
        version.id(),
        version.mends().stream()
            .filter(mend -> !answered.contains(mend.finding()))
            .map(mend -> OneView.of(mend.finding(), mend.edit()))
            .toList());
  }

  /** The edit that would mend a finding of the shown version. */
  @Transactional(readOnly = true)
  public ProposedMend mend(long photoId, long versionId, int finding) {
    CutoutVersion version = shown(photoService.row(photoId));
    return version.mends().stream()
        .filter(mend -> mend.finding() == finding && version.id() == versionId)
        .findFirst()
        .orElseThrow(() -> new NotFound("mend of this picture for finding", finding));
  }

  /**
   * Takes mends of one picture.
   *
   * @param versionId that was looked at
   * @param findings whose mends; null = all that are safe
   * @throws Conflict when the picture has changed since
   */
  @Transactional
  public TakenView take(long photoId, long versionId, List<Integer> findings) {
    Photo photo = lockAsSeen(photoId, versionId);
    CutoutVersion version = photoService.version(versionId);
    Taking taking = Taking.withAKey();
    int taken =
        findings == null
            ? take(photo, version, taking, Mend::isSafe, kind -> true)
            : takeThese(photo, version, taking, new HashSet<>(findings));
    if (taken > 0) {
      events.changed(photo.batchId(), photoId);
    }
    return new TakenView(taking.together(), taken, taken > 0 ? 1 : 0);
  }

  /**
   * Takes the safe mends of a picture because its ticket says so; once for a cutout, so that what
   * somebody takes back stays as it is. Where a person is at work already the ticket has no say.
   */
  @Transactional
  public void takeByTicket(long photoId) {
    Photo photo = photoService.lock(photoId);
    Long shown = photo.shown().versionId();
    if (shown == null || !isAsSeen(photo, shown)) {
      return;
    }
    CutoutVersion version = photoService.version(shown);
    boolean mayTake = version.isUnseenByTicket() && !photo.isBeingRedrawn();
    version.seenByTicket();
    if (mayTake && take(photo, version, Taking.unasked(), Mend::isSafe, kind -> true) > 0) {
      events.changed(photo.batchId(), photoId);
    }
  }

  /**
   * Takes safe mends in all pictures of a batch that wait in Check.
   *
   * @param kind only for findings of this kind; null = of all
   */
  @Transactional
  public TakenView takeSafe(long batchId, FindingKind kind) {
    Taking taking = Taking.withAKey();
    int mends = 0;
    int pictures = 0;
    for (PhotoRow row : photos.rowsInOrder(batchId, IN_CHECK)) {
      if (row.version() == null || row.photo().isBeingRedrawn() || !hasSafe(row, kind)) {
        continue;
      }
      Photo photo = photoService.lock(row.photo().id());
      if (!isAsSeen(photo, row.version().id())) {
        continue;
      }
      int taken =
          take(photo, row.version(), taking, Mend::isSafe, one -> kind == null || one == kind);
      mends += taken;
      pictures += taken > 0 ? 1 : 0;
      if (taken > 0) {
        events.changed(batchId, photo.id());
      }
    }
    return new TakenView(taking.together(), mends, pictures);
  }

  private static boolean hasSafe(PhotoRow row, FindingKind kind) {
    return row.version().findings().stream()
        .filter(one -> kind == null || one.kind() == kind)
        .anyMatch(one -> one.isSerious() && one.mend().filter(Mend::isSafe).isPresent());
  }

  private int takeThese(
      Photo photo, CutoutVersion version, Taking taking, Collection<Integer> which) {
    Set<Integer> answered = answered(version);
    int taken = 0;
    for (ProposedMend mend : version.mends()) {
      if (which.contains(mend.finding()) && !answered.contains(mend.finding())) {
        taken += takeOne(photo, version, mend, taking) ? 1 : 0;
      }
    }
    return taken;
  }

  private int take(
      Photo photo,
      CutoutVersion version,
      Taking taking,
      Predicate<Mend> which,
      Predicate<FindingKind> kinds) {
    List<Finding> findings = version.findings();
    Set<Integer> these = new HashSet<>();
    for (int k = 0; k < findings.size(); k++) {
      Finding one = findings.get(k);
      if (one.isSerious() && kinds.test(one.kind()) && one.mend().filter(which).isPresent()) {
        these.add(k);
      }
    }
    return takeThese(photo, version, taking, these);
  }

  private boolean takeOne(Photo photo, CutoutVersion version, ProposedMend mend, Taking taking) {
    String key = UUID.randomUUID().toString();
    boolean isKept =
        taking.byTicket()
            ? book.addByTicket(photo.id(), key, mend.edit())
            : book.addIfOpen(photo.id(), key, mend.edit());
    if (isKept) {
      Finding finding = version.findings().get(mend.finding());
      answers.save(
          MendAnswer.taken(
              photo,
              mend.finding(),
              finding,
              key,
              taking.together(),
              taking.byTicket(),
              clock.instant()));
    }
    return isKept;
  }

  /** Takes back what was taken at once, in all pictures that nobody judged meanwhile. */
  @Transactional
  public TakenView takeBack(long batchId, String together) {
    List<MendAnswer> taken = answers.findByBatchIdAndTogether(batchId, together);
    if (taken.isEmpty()) {
      throw new NotFound("mends taken together as", together);
    }
    Map<Long, List<MendAnswer>> byPhoto =
        taken.stream()
            .collect(Collectors.groupingBy(MendAnswer::photoId, TreeMap::new, Collectors.toList()));
    int mends = 0;
    int pictures = 0;
    for (Map.Entry<Long, List<MendAnswer>> one : byPhoto.entrySet()) {
      boolean back = true;
      for (MendAnswer answer : one.getValue()) {
        back = back && book.removeIfOpen(one.getKey(), answer.clientKey());
      }
      if (back) {
        answers.deleteAll(one.getValue());
        mends += one.getValue().size();
        pictures++;
        events.changed(batchId, one.getKey());
      }
    }
    return new TakenView(together, mends, pictures);
  }

  /**
   * Keeps that a finding is no fault, or that it may be one after all.
   *
   * @param versionId that was looked at
   */
  @Transactional
  public PictureView say(long photoId, long versionId, int index, boolean isRight) {
    Photo photo = lockAsSeen(photoId, versionId);
    CutoutVersion version = photoService.version(versionId);
    if (index < 0 || index >= version.findings().size()) {
      throw new NotFound("finding of this picture with number", index);
    }
    MendAnswer before = answers.findByVersionIdAndFinding(versionId, index).orElse(null);
    if (before != null && before.isTaken()) {
      throw new Conflict("Its mend was taken. Take that back first.");
    }
    version.say(index, isRight);
    if (isRight && before == null) {
      answers.save(MendAnswer.right(photo, index, version.findings().get(index), clock.instant()));
    } else if (!isRight && before != null) {
      answers.delete(before);
    }
    events.changed(photo.batchId(), photoId);
    return photoService.view(photoId);
  }

  @Transactional(readOnly = true)
  public List<AnswersView> answers(long batchId) {
    Map<String, AnswersView> byKind = new TreeMap<>();
    for (MendAnswerRepository.Count one : answers.counts(batchId)) {
      AnswersView mine =
          new AnswersView(
              one.kind(),
              one.taken() ? one.count() : 0,
              one.byTicket() ? one.count() : 0,
              one.taken() ? 0 : one.count());
      byKind.merge(
          one.kind(),
          mine,
          (a, b) ->
              new AnswersView(
                  a.kind(),
                  a.taken() + b.taken(),
                  a.byTicket() + b.byTicket(),
                  a.right() + b.right()));
    }
    return List.copyOf(byKind.values());
  }

  private Photo lockAsSeen(long photoId, long versionId) {
    Photo photo = photoService.lock(photoId);
    if (!isAsSeen(photo, versionId)) {
      throw new Conflict(
          "“%s” has changed since you looked at it. Nothing was done; look again."
              .formatted(photo.fileName()));
    }
    return photo;
  }

  private static boolean isAsSeen(Photo photo, long versionId) {
    Long shown = photo.shown().versionId();
    return shown != null && shown == versionId && photo.state() == PictureState.TO_CHECK;
  }

  private Set<Integer> answered(CutoutVersion version) {
    return answers.findByVersionId(version.id()).stream()
        .map(MendAnswer::finding)
        .collect(Collectors.toSet());
  }

  private static CutoutVersion shown(PhotoRow row) {
    if (row.version() == null) {
      throw new NotFound("cutout yet for picture", row.photo().id());
    }
    return row.version();
  }
}

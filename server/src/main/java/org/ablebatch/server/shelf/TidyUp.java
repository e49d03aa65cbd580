package org.ablebatch.server.shelf;

import jakarta.persistence.EntityManager;
import jakarta.persistence.Query;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.ablebatch.server.delivery.FinishedFiles;
import org.ablebatch.server.problem.BadInput;
import org.ablebatch.server.problem.Conflict;
import org.ablebatch.server.problem.NotFound;
import org.ablebatch.server.shelf.TidyViews.DoneView;
import org.ablebatch.server.shelf.TidyViews.ProposalView;
import org.ablebatch.server.shelf.TidyViews.TidyView;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Takes finished files off the shelf. For thirty days they can be brought back, and every delivery
 * still has them; then their bytes are taken away. What they were made of stays.
 */
@Service
public class TidyUp {
  static final Duration BROUGHT_BACK_WITHIN = Duration.ofDays(30);

  private static final Logger LOG = LoggerFactory.getLogger(TidyUp.class);
  private static final String REPLACED = "replaced";
  private static final String OLDER = "older-than-";
  private static final List<Integer> MONTHS = List.of(3, 6, 12);
  private static final int MOST_AT_ONCE = 1000;

  private final EntityManager database;
  private final ShelfFileRepository shelf;
  private final TidyingRepository tidyings;
  private final FinishedFiles finished;
  private final Clock clock;

  TidyUp(
      EntityManager database,
      ShelfFileRepository shelf,
      TidyingRepository tidyings,
      FinishedFiles finished,
      Clock clock) {
    this.database = database;
    this.shelf = shelf;
    this.tidyings = tidyings;
    this.finished = finished;
    this.clock = clock;
  }

  /** Which files: a condition over {@code shelf_file f}, with its values. */
  private record Which(String said, String condition, Map<String, Object> values) {
    Query asked(EntityManager database, String sql) {
      Query query = database.createNativeQuery(sql);
      values.forEach(query::setParameter);
      return query;
    }
  }

  @Transactional(readOnly = true)
  public TidyView view() {
    List<ProposalView> proposals =
        Stream.concat(Stream.of(REPLACED), MONTHS.stream().map(months -> OLDER + months))
            .map(this::proposal)
            .filter(proposal -> proposal.files() > 0)
            .toList();
    return new TidyView(
        proposals,
        tidyings.findByUndoneAtIsNullAndForgottenAtIsNullOrderByIdDesc().stream()
            .map(TidyUp::view)
            .toList());
  }

  private static DoneView view(Tidying tidying) {
    return new DoneView(
        tidying.id(),
        tidying.said(),
        tidying.files(),
        tidying.bytes(),
        tidying.doneAt(),
        tidying.doneAt().plus(BROUGHT_BACK_WITHIN));
  }

  private ProposalView proposal(String kind) {
    return proposal(kind, ofKind(kind));
  }

  private ProposalView proposal(String kind, Which which) {
    // What stands there twice may be needed by the other: it is not promised.
    String counted =
        "SELECT COUNT(*), COALESCE(SUM(CASE WHEN f.blob_id IN (SELECT blob_id FROM shelf_file"
            + " GROUP BY blob_id HAVING COUNT(*) > 1) THEN 0 ELSE f.bytes END), 0)"
            + " FROM shelf_file f WHERE f.tidying_id IS NULL AND ";
    Object[] row = (Object[]) which.asked(database, counted + which.condition()).getSingleResult();
    long files = ((Number) row[0]).longValue();
    long bytes = ((Number) row[1]).longValue();
    return new ProposalView(kind, which.said(), files, bytes);
  }

  private Which ofKind(String kind) {
    if (REPLACED.equals(kind)) {
      return new Which("replaced by something newer", "f.replaced_at IS NOT NULL", Map.of());
    }
    for (int months : MONTHS) {
      if ((OLDER + months).equals(kind)) {
        Instant before = clock.instant().atOffset(ZoneOffset.UTC).minusMonths(months).toInstant();
        return new Which(
            "not delivered for " + months + " months",
            "f.delivered_at < :before",
            Map.of("before", before));
      }
    }
    throw BadInput.expected("kind", "replaced, or older-than- and 3, 6 or 12", kind);
  }

  private static Which ofFiles(Set<Long> ids) {
    if (ids.isEmpty() || ids.size() > MOST_AT_ONCE) {
      throw BadInput.expected("ids", "1 to " + MOST_AT_ONCE + " files", ids.size());
    }
    return new Which("chosen by hand", "f.id IN (:ids)", Map.of("ids", ids));
  }

  /** How much room some files would free; takes nothing away. */
  @Transactional(readOnly = true)
  public ProposalView weigh(Set<Long> ids) {
    return proposal("chosen", ofFiles(ids));
  }

  /**
   * @param kind of a proposal; null = the files
   * @throws Conflict when there is nothing of that kind
   */
  @Transactional
  public DoneView tidy(String kind, Set<Long> ids) {
    Which which = kind != null ? ofKind(kind) : ofFiles(ids == null ? Set.of() : ids);
    ProposalView what = proposal(kind, which);
    if (what.files() == 0) {
      throw new Conflict("Nothing of this stands on the shelf any more.");
    }
    Tidying tidying =
        tidyings.saveAndFlush(
            new Tidying(which.said(), (int) what.files(), what.bytes(), clock.instant()));
    which
        .asked(
            database,
            "UPDATE shelf_file f SET f.tidying_id = "
                + tidying.id()
                + " WHERE f.tidying_id IS NULL AND "
                + which.condition())
        .executeUpdate();
    return view(tidying);
  }

  /**
   * @throws Conflict when its time is over
   */
  @Transactional
  public void bringBack(long id) {
    Tidying tidying = tidyings.findById(id).orElseThrow(() -> new NotFound("tidying", id));
    if (!tidying.isOpen()) {
      throw new Conflict("These files were brought back already, or their bytes are gone.");
    }
    tidying.undo(clock.instant());
    database
        .createNativeQuery("UPDATE shelf_file SET tidying_id = NULL WHERE tidying_id = :id")
        .setParameter("id", id)
        .executeUpdate();
  }

  /** What was tidied away long enough ago goes for good. */
  @Scheduled(initialDelayString = "${able.clean-after}", fixedDelayString = "PT6H")
  @Transactional
  public void forgetOld() {
    Instant before = clock.instant().minus(BROUGHT_BACK_WITHIN);
    for (Tidying old : tidyings.findByUndoneAtIsNullAndForgottenAtIsNullAndDoneAtBefore(before)) {
      forget(old);
    }
  }

  private void forget(Tidying old) {
    List<ShelfFile> files = shelf.findByTidyingId(old.id());
    Set<Long> batches = files.stream().map(ShelfFile::batchId).collect(Collectors.toSet());
    // A delivery that is being made may have taken over what is there; next time, then.
    if (!batches.isEmpty() && finished.mayTakeOver(batches)) {
      return;
    }
    database
        .createNativeQuery(
            """
            UPDATE delivered_file d
            JOIN shelf_file f ON f.photo_id = d.photo_id AND f.name = d.name AND f.blob_id = d.blob_id
            SET d.forgotten = TRUE WHERE f.tidying_id = :id
            """)
        .setParameter("id", old.id())
        .executeUpdate();
    shelf.deleteAllInBatch(files);
    old.forget(clock.instant());
    LOG.info("{} finished files were tidied away for good", files.size());
  }
}

package org.ablebatch.server.cutting;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.ablebatch.server.progress.BatchEvents;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Says that this process lives, and gives the pictures of processes that don't back to the queue.
 * The database's clock counts, so that machines need not agree on the time.
 */
@Component
public class WorkerPresence {
  private static final int BEAT_MILLIS = 2000;
  private static final int DEAD_AFTER_SECONDS = 8;
  private static final Logger LOG = LoggerFactory.getLogger(WorkerPresence.class);

  private final String processId = UUID.randomUUID().toString();
  private final JdbcTemplate jdbc;
  private final TransactionTemplate transaction;
  private final BatchEvents events;

  WorkerPresence(JdbcTemplate jdbc, TransactionTemplate transaction, BatchEvents events) {
    this.jdbc = jdbc;
    this.transaction = transaction;
    this.events = events;
  }

  public String processId() {
    return processId;
  }

  @Scheduled(fixedDelay = BEAT_MILLIS)
  void beat() {
    try {
      jdbc.update(
          "INSERT INTO worker_process (id, seen_at) VALUES (?, NOW(3))"
              + " ON DUPLICATE KEY UPDATE seen_at = NOW(3)",
          processId);
      transaction.executeWithoutResult(status -> takeOverFromTheDead());
    } catch (RuntimeException e) {
      LOG.warn("the database does not answer the workers: {}", e.getMessage());
    }
  }

  private void takeOverFromTheDead() {
    jdbc.update(
        "DELETE FROM worker_process WHERE seen_at < NOW(3) - INTERVAL ? SECOND",
        DEAD_AFTER_SECONDS);
    jdbc.update(
        """
        UPDATE strip_cell SET state = 'WAITING', claimed_by = NULL
        WHERE state = 'CUTTING' AND claimed_by NOT IN (SELECT id FROM worker_process)
        """);
    Map<Long, Long> batchOfPicture = new HashMap<>();
    jdbc.query(
        """
        SELECT id, batch_id FROM photo WHERE queued AND state = 'cutting'
          AND (claimed_by IS NULL OR claimed_by NOT IN (SELECT id FROM worker_process))
        """,
        row -> {
          batchOfPicture.put(row.getLong(1), row.getLong(2));
        });
    if (batchOfPicture.isEmpty()) {
      return;
    }
    int taken =
        jdbc.update(
            """
            UPDATE photo SET state = 'waiting', claimed_by = NULL, revision = revision + 1
            WHERE queued AND state = 'cutting'
              AND (claimed_by IS NULL OR claimed_by NOT IN (SELECT id FROM worker_process))
            """);
    LOG.info("{} pictures of a process that ended are cut anew", taken);
    batchOfPicture.forEach((picture, batch) -> events.changed(batch, picture));
  }

  /** This process cuts nothing any more; others need not wait to notice. */
  void leave() {
    try {
      jdbc.update("DELETE FROM worker_process WHERE id = ?", processId);
    } catch (RuntimeException e) {
      LOG.debug("could not say goodbye", e);
    }
  }
}

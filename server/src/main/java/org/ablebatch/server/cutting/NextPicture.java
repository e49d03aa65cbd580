package org.ablebatch.server.cutting;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * Chooses which picture is cut next: first what a person asked for by itself, then the batches by
 * priority; within one priority the batch with the fewest pictures in work, and among those the one
 * that was served longest ago. Rows that another worker is choosing are passed over.
 */
@Component
class NextPicture {
  private static final String HURRIED =
      """
      SELECT id FROM photo WHERE queued AND state = 'waiting' AND rush
      ORDER BY id LIMIT 1 FOR UPDATE SKIP LOCKED
      """;
  private static final String BATCHES =
      """
      SELECT b.id, b.priority, q.in_work FROM batch b JOIN (
        SELECT batch_id, SUM(state = 'cutting') AS in_work, SUM(state = 'waiting') AS waiting
        FROM photo WHERE queued GROUP BY batch_id) q ON q.batch_id = b.id
      WHERE NOT b.paused AND q.waiting > 0
      """;
  private static final String FIRST_OF_BATCH =
      """
      SELECT id FROM photo WHERE queued AND state = 'waiting' AND batch_id = ?
      ORDER BY place LIMIT 1 FOR UPDATE SKIP LOCKED
      """;

  private final JdbcTemplate jdbc;
  private final AtomicLong turn = new AtomicLong();
  private final Map<Long, Long> lastServed = new ConcurrentHashMap<>();

  NextPicture(JdbcTemplate jdbc) {
    this.jdbc = jdbc;
  }

  private record Candidate(long batchId, int priority, long inWork) {}

  /** The picture's id, its row locked until the transaction ends; empty when nothing waits. */
  Optional<Long> find() {
    Optional<Long> hurried = first(HURRIED);
    if (hurried.isPresent()) {
      return hurried;
    }
    List<Candidate> candidates =
        jdbc
            .query(
                BATCHES, (row, i) -> new Candidate(row.getLong(1), row.getInt(2), row.getLong(3)))
            .stream()
            .sorted(this::compare)
            .toList();
    for (Candidate candidate : candidates) {
      Optional<Long> photo = first(FIRST_OF_BATCH, candidate.batchId);
      if (photo.isPresent()) {
        lastServed.put(candidate.batchId, turn.incrementAndGet());
        return photo;
      }
    }
    return Optional.empty();
  }

  private int compare(Candidate a, Candidate b) {
    if (a.priority != b.priority) {
      return Integer.compare(b.priority, a.priority);
    }
    if (a.inWork != b.inWork) {
      return Long.compare(a.inWork, b.inWork);
    }
    return Long.compare(
        lastServed.getOrDefault(a.batchId, 0L), lastServed.getOrDefault(b.batchId, 0L));
  }

  private Optional<Long> first(String sql, Object... values) {
    return jdbc.queryForList(sql, Long.class, values).stream().findFirst();
  }
}

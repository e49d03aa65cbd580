package org.ablebatch.server.cutting;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.ablebatch.core.run.Pace;
import org.ablebatch.core.run.RunPriority;
import org.ablebatch.core.run.TimeLeft;
import org.ablebatch.server.batch.Batch;
import org.ablebatch.server.batch.BatchService;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Says how far runs are, in a fixed number of queries whatever their size. */
@Service
class RunService {
  private static final int SAMPLES = 200;
  private static final int FEWEST_SAMPLES = 3;
  private static final Duration RATE_OVER = Duration.ofMinutes(3);

  private static final String QUEUES =
      """
      SELECT p.batch_id, b.priority, b.paused, SUM(p.state = 'waiting') AS waiting,
        SUM(CASE WHEN p.state = 'waiting'
          THEN 1e-6 * COALESCE(p.crop_width, p.width) * COALESCE(p.crop_height, p.height)
          ELSE 0 END) AS megapixels
      FROM photo p JOIN batch b ON b.id = p.batch_id WHERE p.queued
      GROUP BY p.batch_id, b.priority, b.paused
      """;
  private static final String IN_WORK =
      """
      SELECT id, file_name,
        1e-6 * COALESCE(crop_width, width) * COALESCE(crop_height, height) AS megapixels, claimed_at
      FROM photo WHERE batch_id = ? AND queued AND state = 'cutting' ORDER BY claimed_at
      """;
  private static final String SAMPLES_OF =
      """
      SELECT 1e-6 * COALESCE(v.crop_width, p.width) * COALESCE(v.crop_height, p.height), v.millis
      FROM cutout_version v JOIN photo p ON p.id = v.photo_id
      WHERE v.maker = 'ENGINE' AND (? = 0 OR p.batch_id = ?) ORDER BY v.id DESC LIMIT ?
      """;
  private static final String FINISHED =
      """
      SELECT COUNT(*), MIN(v.created_at), MAX(v.created_at)
      FROM cutout_version v JOIN photo p ON p.id = v.photo_id
      WHERE p.batch_id = ? AND v.maker = 'ENGINE' AND v.created_at > ?
      """;
  private static final String SETTLED =
      """
      SELECT SUM(current_version_id IS NOT NULL AND NOT queued), SUM(state = 'failed')
      FROM photo WHERE batch_id = ? AND removed_at IS NULL
      """;

  private final BatchService batches;
  private final CutWorkers workers;
  private final WorkerCount count;
  private final JdbcTemplate jdbc;
  private final Clock clock;

  RunService(
      BatchService batches, CutWorkers workers, WorkerCount count, JdbcTemplate jdbc, Clock clock) {
    this.batches = batches;
    this.workers = workers;
    this.count = count;
    this.jdbc = jdbc;
    this.clock = clock;
  }

  private record Queue(
      long batchId, RunPriority priority, boolean paused, long waiting, double megapixels) {}

  @Transactional(readOnly = true)
  public RunView of(long batchId) {
    Batch batch = batches.require(batchId);
    List<Queue> queues = jdbc.query(QUEUES, (row, i) -> queue(row));
    List<RunView.InWork> inWork = inWork(batchId);
    long[] settled =
        jdbc.queryForObject(
            SETTLED, (row, i) -> new long[] {row.getLong(1), row.getLong(2)}, batchId);
    Queue mine =
        queues.stream()
            .filter(queue -> queue.batchId == batchId)
            .findFirst()
            .orElse(new Queue(batchId, batch.priority(), batch.isPaused(), 0, 0));
    return new RunView(
        mine.waiting,
        inWork,
        settled[0],
        settled[1],
        perMinute(batchId),
        batch.isPaused() ? null : secondsLeft(mine, queues, inWork),
        ahead(mine, queues),
        batch.isPaused(),
        batch.priority().wireName(),
        count.wanted(),
        count.most(),
        workers.trouble());
  }

  private static Queue queue(java.sql.ResultSet row) throws java.sql.SQLException {
    return new Queue(
        row.getLong(1),
        RunPriority.ofRank(row.getInt(2)),
        row.getBoolean(3),
        row.getLong(4),
        row.getDouble(5));
  }

  private List<RunView.InWork> inWork(long batchId) {
    Instant now = clock.instant();
    return jdbc.query(
        IN_WORK,
        (row, i) ->
            new RunView.InWork(
                row.getLong(1),
                row.getString(2),
                row.getDouble(3),
                secondsSince(row.getTimestamp(4), now)),
        batchId);
  }

  private static double secondsSince(java.sql.Timestamp then, Instant now) {
    return then == null ? 0 : Duration.between(then.toInstant(), now).toMillis() / 1000.0;
  }

  /** Between the first and the last that was finished lately, so that waiting does not count. */
  private Double perMinute(long batchId) {
    return jdbc.queryForObject(
        FINISHED,
        (row, i) -> {
          long finished = row.getLong(1);
          if (finished < FEWEST_SAMPLES) {
            return null;
          }
          double minutes =
              Duration.between(row.getTimestamp(2).toInstant(), row.getTimestamp(3).toInstant())
                      .toMillis()
                  / 60_000.0;
          return minutes <= 0 ? null : (finished - 1) / minutes;
        },
        batchId,
        java.sql.Timestamp.from(clock.instant().minus(RATE_OVER)));
  }

  private Long secondsLeft(Queue mine, List<Queue> queues, List<RunView.InWork> inWork) {
    List<Pace.Sample> samples = samples(mine.batchId);
    if (samples.size() < FEWEST_SAMPLES) {
      samples = samples(0);
    }
    if (samples.size() < FEWEST_SAMPLES) {
      return null;
    }
    Pace pace = Pace.of(samples);
    double begun =
        inWork.stream()
            .mapToDouble(p -> Math.max(0, pace.seconds(1, p.megapixels()) - p.seconds()))
            .sum();
    TimeLeft.Load load =
        new TimeLeft.Load(mine.priority, pace.seconds(mine.waiting, mine.megapixels) + begun);
    List<TimeLeft.Load> others = new ArrayList<>();
    for (Queue other : queues) {
      if (other.batchId != mine.batchId && !other.paused) {
        others.add(
            new TimeLeft.Load(other.priority, pace.seconds(other.waiting, other.megapixels)));
      }
    }
    return Math.round(TimeLeft.seconds(load, others, count.wanted()));
  }

  private List<Pace.Sample> samples(long batchId) {
    return jdbc.query(
        SAMPLES_OF,
        (row, i) -> new Pace.Sample(row.getDouble(1), row.getLong(2) / 1000.0),
        batchId,
        batchId,
        SAMPLES);
  }

  private static long ahead(Queue mine, List<Queue> queues) {
    return queues.stream()
        .filter(q -> !q.paused && q.priority.rank() > mine.priority.rank())
        .mapToLong(Queue::waiting)
        .sum();
  }
}

package org.ablebatch.server.cutting;

import java.util.List;
import org.ablebatch.server.AbleSettings;
import org.ablebatch.server.problem.BadInput;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** How many pictures this installation cuts at the same time; remembered over restarts. */
@Component
class WorkerCount {
  private static final String NAME = "workers";

  private final JdbcTemplate jdbc;
  private final int most;
  private volatile int wanted;

  WorkerCount(JdbcTemplate jdbc, AbleSettings settings) {
    this.jdbc = jdbc;
    this.most = Math.max(Runtime.getRuntime().availableProcessors(), settings.workers());
    this.wanted =
        settings.workers() > 0 ? settings.workers() : remembered(settings.workersOrCores());
  }

  private int remembered(int otherwise) {
    List<String> values =
        jdbc.queryForList("SELECT value FROM installation WHERE name = ?", String.class, NAME);
    return values.isEmpty()
        ? otherwise
        : Math.max(1, Math.min(most, Integer.parseInt(values.get(0))));
  }

  /** One per core, or what the start command asked for. */
  int most() {
    return most;
  }

  int wanted() {
    return wanted;
  }

  /**
   * @param workers 1 to {@link #most()}
   */
  void set(int workers) {
    if (workers < 1 || workers > most) {
      throw BadInput.expected(
          "workers", "1 to " + most + ", which this machine can do at a time", workers);
    }
    jdbc.update(
        "INSERT INTO installation (name, value) VALUES (?, ?) ON DUPLICATE KEY UPDATE value = ?",
        NAME,
        String.valueOf(workers),
        String.valueOf(workers));
    wanted = workers;
  }
}

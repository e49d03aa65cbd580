package org.ablebatch.server.cutting;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.SchedulerName;
import com.github.kagkarlsson.scheduler.task.FailureHandler;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.time.Duration;
import java.util.concurrent.atomic.AtomicBoolean;
import javax.sql.DataSource;
import org.ablebatch.core.cut.Cutter;
import org.ablebatch.prior.LearnedPriors;
import org.ablebatch.server.AbleSettings;
import org.springframework.context.SmartLifecycle;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.datasource.TransactionAwareDataSourceProxy;

/**
 * The persistent queue: one row per picture, workers that claim rows, heartbeats that show who
 * lives.
 */
@Configuration
class CuttingConfiguration {
  private static final Duration POLL = Duration.ofMillis(400);
  private static final Duration HEARTBEAT = Duration.ofSeconds(2);
  private static final int MISSED_HEARTBEATS = 4;
  private static final Duration TRY_AGAIN = Duration.ofSeconds(20);

  private final AtomicBoolean stopping = new AtomicBoolean();

  /** The engine, with whatever learned priors run on this machine. */
  @Bean
  Cutter cutter() {
    return new Cutter(LearnedPriors.shared());
  }

  @Bean
  OneTimeTask<Void> cutTask(CutJob job) {
    return Tasks.oneTime(CutJob.TASK)
        .onFailure(new FailureHandler.OnFailureRetryLater<>(TRY_AGAIN))
        .onDeadExecutionRevive()
        .execute(
            (instance, context) ->
                job.run(CutJob.photoId(instance.getId()), stage -> !stopping.get()));
  }

  @Bean(destroyMethod = "")
  Scheduler cutScheduler(DataSource dataSource, OneTimeTask<Void> cutTask, AbleSettings settings) {
    return Scheduler.create(new TransactionAwareDataSourceProxy(dataSource), cutTask)
        .tableName("cut_tasks")
        .schedulerName(new SchedulerName.Fixed("cut-" + ProcessHandle.current().pid()))
        .threads(settings.workersOrCores())
        .alwaysPersistTimestampInUTC()
        .pollingInterval(POLL)
        .heartbeatInterval(HEARTBEAT)
        .missedHeartbeatsLimit(MISSED_HEARTBEATS)
        .shutdownMaxWait(Duration.ofSeconds(8))
        .build();
  }

  /** Starts after everything else is ready and stops before anything else is taken away. */
  @Bean
  SmartLifecycle cutSchedulerLife(Scheduler cutScheduler) {
    return new SmartLifecycle() {
      private volatile boolean running;

      @Override
      public void start() {
        cutScheduler.start();
        running = true;
      }

      @Override
      public void stop() {
        stopping.set(true);
        cutScheduler.stop();
        running = false;
      }

      @Override
      public boolean isRunning() {
        return running;
      }
    };
  }
}

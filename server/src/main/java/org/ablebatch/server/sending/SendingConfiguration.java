package org.ablebatch.server.sending;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.SchedulerName;
import com.github.kagkarlsson.scheduler.task.CompletionHandler;
import com.github.kagkarlsson.scheduler.task.FailureHandler;
import com.github.kagkarlsson.scheduler.task.helper.CustomTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import javax.sql.DataSource;
import org.ablebatch.server.work.SchedulerLife;
import org.springframework.context.SmartLifecycle;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.datasource.TransactionAwareDataSourceProxy;

/** Sending has a queue and threads of its own: a slow shop keeps no delivery waiting. */
@Configuration
class SendingConfiguration {
  private static final Duration TRY_AGAIN = Duration.ofSeconds(20);
  private static final int SENDINGS_AT_ONCE = 2;

  private final AtomicBoolean stopping = new AtomicBoolean();

  @Bean
  CustomTask<Void> sendingTask(SendingJob job) {
    return Tasks.custom(SendingJob.TASK)
        .onFailure(new FailureHandler.OnFailureRetryLater<>(TRY_AGAIN))
        .onDeadExecutionRevive()
        .execute(
            (instance, context) -> {
              Optional<Instant> next =
                  job.run(Long.parseLong(instance.getId()), () -> !stopping.get());
              return next.isPresent()
                  ? (CompletionHandler<Void>)
                      (complete, operations) -> operations.reschedule(complete, next.get())
                  : new CompletionHandler.OnCompleteRemove<>();
            });
  }

  @Bean(destroyMethod = "")
  Scheduler sendingScheduler(DataSource dataSource, CustomTask<Void> sendingTask) {
    return Scheduler.create(new TransactionAwareDataSourceProxy(dataSource), sendingTask)
        .tableName("sending_tasks")
        .schedulerName(new SchedulerName.Fixed("send-" + ProcessHandle.current().pid()))
        .threads(SENDINGS_AT_ONCE)
        .alwaysPersistTimestampInUTC()
        .pollingInterval(Duration.ofMillis(500))
        .heartbeatInterval(Duration.ofSeconds(2))
        .missedHeartbeatsLimit(4)
        .shutdownMaxWait(Duration.ofSeconds(8))
        .build();
  }

  @Bean
  SmartLifecycle sendingSchedulerLife(Scheduler sendingScheduler) {
    return new SchedulerLife(sendingScheduler, () -> stopping.set(true));
  }
}

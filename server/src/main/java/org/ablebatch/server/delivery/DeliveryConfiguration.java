package org.ablebatch.server.delivery;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.SchedulerName;
import com.github.kagkarlsson.scheduler.task.FailureHandler;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.time.Duration;
import java.util.concurrent.atomic.AtomicBoolean;
import javax.sql.DataSource;
import org.ablebatch.server.work.SchedulerLife;
import org.springframework.context.SmartLifecycle;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.datasource.TransactionAwareDataSourceProxy;

/** Deliveries have a queue and a worker of their own, so that they never wait behind a big cut. */
@Configuration
class DeliveryConfiguration {
  private static final Duration TRY_AGAIN = Duration.ofSeconds(20);

  private final AtomicBoolean stopping = new AtomicBoolean();

  @Bean
  OneTimeTask<Void> deliveryTask(DeliveryJob job) {
    return Tasks.oneTime(DeliveryJob.TASK)
        .onFailure(new FailureHandler.OnFailureRetryLater<>(TRY_AGAIN))
        .onDeadExecutionRevive()
        .execute(
            (instance, context) ->
                job.run(DeliveryJob.deliveryId(instance.getId()), () -> !stopping.get()));
  }

  @Bean(destroyMethod = "")
  Scheduler deliveryScheduler(DataSource dataSource, OneTimeTask<Void> deliveryTask) {
    return Scheduler.create(new TransactionAwareDataSourceProxy(dataSource), deliveryTask)
        .tableName("delivery_tasks")
        .schedulerName(new SchedulerName.Fixed("deliver-" + ProcessHandle.current().pid()))
        .threads(1)
        .alwaysPersistTimestampInUTC()
        .pollingInterval(Duration.ofMillis(400))
        .heartbeatInterval(Duration.ofSeconds(2))
        .missedHeartbeatsLimit(4)
        .shutdownMaxWait(Duration.ofSeconds(8))
        .build();
  }

  @Bean
  SmartLifecycle deliverySchedulerLife(Scheduler deliveryScheduler) {
    return new SchedulerLife(deliveryScheduler, () -> stopping.set(true));
  }
}

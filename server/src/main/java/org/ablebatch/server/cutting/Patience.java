package org.ablebatch.server.cutting;

import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Supplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Transactions of the background work. A database that is away for a while, or two transactions in
 * each other's way, are no reason to throw a finished cutout away: they are tried until they pass.
 */
@Component
public class Patience {
  private static final long WAIT_MILLIS = 1000;
  private static final Logger LOG = LoggerFactory.getLogger(Patience.class);

  private final TransactionTemplate transaction;
  private final AtomicBoolean stopping = new AtomicBoolean();

  Patience(TransactionTemplate transaction) {
    this.transaction = transaction;
  }

  /** From now on the first failure counts. */
  void stop() {
    stopping.set(true);
  }

  /**
   * @param work may be called several times
   */
  public <T> T inTransaction(Supplier<T> work) {
    while (true) {
      try {
        return transaction.execute(status -> work.get());
      } catch (DataAccessException | TransactionException e) {
        if (stopping.get()) {
          throw e;
        }
        LOG.warn("the database did not take it, trying again: {}", e.getMessage());
        pause(e);
      }
    }
  }

  private static void pause(RuntimeException because) {
    try {
      TimeUnit.MILLISECONDS.sleep(WAIT_MILLIS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw because;
    }
  }
}

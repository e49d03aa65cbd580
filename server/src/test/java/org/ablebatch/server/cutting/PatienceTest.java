package org.ablebatch.server.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import org.junit.jupiter.api.Test;
import org.springframework.dao.CannotAcquireLockException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.support.TransactionCallback;
import org.springframework.transaction.support.TransactionTemplate;

class PatienceTest {
  private final TransactionTemplate transaction = mock(TransactionTemplate.class);
  private final Patience patience = new Patience(transaction);

  @Test
  void aDatabaseThatIsAwayIsAskedAgain() {
    when(transaction.execute(any()))
        .thenThrow(new CannotCreateTransactionException("no connection"))
        .thenThrow(new CannotAcquireLockException("in each other’s way"))
        .thenAnswer(call -> ((TransactionCallback<?>) call.getArgument(0)).doInTransaction(null));

    assertThat(patience.inTransaction(() -> "done")).isEqualTo("done");

    verify(transaction, times(3)).execute(any());
  }

  @Test
  void aMistakeIsNoReasonToTryAgain() {
    when(transaction.execute(any())).thenThrow(new IllegalStateException("mistake"));

    assertThatThrownBy(() -> patience.inTransaction(() -> "done"))
        .isInstanceOf(IllegalStateException.class);
    verify(transaction, times(1)).execute(any());
  }

  @Test
  void whoStopsDoesNotWait() {
    when(transaction.execute(any())).thenThrow(new CannotCreateTransactionException("gone"));
    patience.stop();

    assertThatThrownBy(() -> patience.inTransaction(() -> "done"))
        .isInstanceOf(CannotCreateTransactionException.class);
    verify(transaction, times(1)).execute(any());
  }
}

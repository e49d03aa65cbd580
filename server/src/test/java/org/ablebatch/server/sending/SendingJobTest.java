package org.ablebatch.server.sending;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.net.URI;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.function.Consumer;
import org.ablebatch.codec.spec.SpecEntry;
import org.ablebatch.core.send.Reply;
import org.ablebatch.server.delivery.FinishedFile;
import org.ablebatch.server.delivery.FinishedFiles;
import org.ablebatch.server.problem.NotFound;
import org.ablebatch.server.storage.BlobStore;
import org.ablebatch.server.storage.StorageFailed;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.support.TransactionTemplate;

/** What sending does when nobody answers, when bytes are gone, and when it is stopped. */
class SendingJobTest {
  private static final Instant NOON = Instant.parse("2026-11-29T12:00:00Z");
  private static final ShopClient.Tried SILENT =
      new ShopClient.Tried(Reply.LATER, true, "The shop can’t be reached", Duration.ZERO);
  private static final ShopClient.Tried TAKEN =
      new ShopClient.Tried(Reply.THERE, false, null, Duration.ZERO);

  private final SendingRepository sendings = mock();
  private final SentFileRepository sent = mock();
  private final FinishedFiles finished = mock();
  private final BlobStore blobs = mock();
  private final ShopClient shop = mock();
  private final TransactionTemplate transaction = mock();
  private final Sending sending = new Sending(7, NOON);
  private final SentFile file = new SentFile(1, 2, "key", false, NOON);
  private final SendingJob job =
      new SendingJob(
          sendings,
          sent,
          finished,
          blobs,
          shop,
          new SendingSettings(URI.create("http://shop.test"), Duration.ofSeconds(1)),
          transaction,
          Clock.fixed(NOON, ZoneOffset.UTC));

  @BeforeEach
  void oneFileIsDue() {
    when(sendings.findById(1L)).thenReturn(Optional.of(sending));
    when(sent.findBySendingIdAndStateAndNextTryAtLessThanEqualOrderByNextTryAtAscIdAsc(
            anyLong(), any(), any(), any()))
        .thenAnswer(
            call ->
                file.state() == SentFile.State.WAITING && !file.nextTryAt().isAfter(NOON)
                    ? List.of(file)
                    : List.of());
    when(sent.findFirstBySendingIdAndStateOrderByNextTryAt(1, SentFile.State.WAITING))
        .thenAnswer(
            call -> file.state() == SentFile.State.WAITING ? Optional.of(file) : Optional.empty());
    when(finished.file(2)).thenReturn(finishedFile());
    when(blobs.get(any())).thenReturn(new byte[] {1});
    doAnswer(
            call -> {
              Consumer<?> work = call.getArgument(0);
              work.accept(null);
              return null;
            })
        .when(transaction)
        .executeWithoutResult(any());
  }

  @Test
  void aShopThatIsSilentCostsNoFileATryAndIsAskedLater() {
    answers(SILENT);

    Optional<Instant> next = job.run(1, () -> true);

    assertThat(next).hasValue(NOON.plusSeconds(1));
    assertThat(file.tries()).isZero();
    assertThat(sending.silentUntil()).isEqualTo(NOON.plusSeconds(1));
    assertThat(sending.isRunning()).isTrue();
  }

  @Test
  void whatIsTakenEndsTheSending() {
    answers(TAKEN);

    assertThat(job.run(1, () -> true)).isEmpty();
    assertThat(sending.state()).isEqualTo(Sending.State.DONE);
    assertThat(sending.finishedAt()).isEqualTo(NOON);
  }

  @Test
  void whatFailedWaitsForItsNextTry() {
    answers(new ShopClient.Tried(Reply.LATER, false, "500", Duration.ZERO));

    assertThat(job.run(1, () -> true)).hasValue(NOON.plusSeconds(1));
    assertThat(file.tries()).isEqualTo(1);
  }

  @Test
  void bytesThatAreGoneAreSaidAndTheSendingEnds() {
    when(finished.file(2)).thenThrow(new NotFound("file", 2));

    assertThat(job.run(1, () -> true)).isEmpty();
    assertThat(file.state()).isEqualTo(SentFile.State.REFUSED);
    assertThat(file.problem()).contains("tidied away");
    verify(shop, never()).send(any(), any(), any(), any());
  }

  @Test
  void aDiskThatDoesNotAnswerIsTriedAgain() {
    when(blobs.get(any()))
        .thenThrow(new StorageFailed("no disk", StorageFailed.Kind.UNREACHABLE, null));

    assertThat(job.run(1, () -> true)).hasValue(NOON.plusSeconds(1));
    assertThat(file.state()).isEqualTo(SentFile.State.WAITING);
  }

  @Test
  void oneThatWasStoppedSendsNothing() {
    sending.finish(Sending.State.STOPPED, NOON);

    assertThat(job.run(1, () -> true)).isEmpty();
    verify(shop, never()).send(any(), any(), any(), any());
  }

  @Test
  void aServerThatStopsGoesOnLater() {
    assertThat(job.run(1, () -> false)).hasValue(NOON);
    assertThat(sending.isRunning()).isTrue();
  }

  private void answers(ShopClient.Tried tried) {
    when(shop.send(any(), any(), any(), any()))
        .thenReturn(CompletableFuture.completedFuture(tried));
  }

  private static FinishedFile finishedFile() {
    return new FinishedFile(
        2,
        7,
        1,
        1,
        1L,
        SpecEntry.exact("Card", 8, 6, "PNG", null, null),
        "White",
        1,
        "a.png",
        8,
        6,
        1,
        "00",
        null,
        null,
        "new",
        NOON);
  }
}

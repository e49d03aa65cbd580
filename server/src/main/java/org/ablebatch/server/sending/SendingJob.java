package org.ablebatch.server.sending;

import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import com.github.kagkarlsson.scheduler.task.TaskInstance;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.function.BooleanSupplier;
import org.ablebatch.core.send.Reply;
import org.ablebatch.server.delivery.FinishedFile;
import org.ablebatch.server.delivery.FinishedFiles;
import org.ablebatch.server.problem.NotFound;
import org.ablebatch.server.storage.BlobStore;
import org.ablebatch.server.storage.StorageFailed;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Sends what is due, some files at a time. May be killed anywhere: a file whose answer was not
 * heard is sent again under its key, and counts once.
 */
@Component
class SendingJob {
  static final TaskDescriptor<Void> TASK = TaskDescriptor.of("send");

  private static final int AT_ONCE = 4;

  private final SendingRepository sendings;
  private final SentFileRepository sent;
  private final FinishedFiles finished;
  private final BlobStore blobs;
  private final ShopClient shop;
  private final SendingSettings settings;
  private final TransactionTemplate transaction;
  private final Clock clock;

  SendingJob(
      SendingRepository sendings,
      SentFileRepository sent,
      FinishedFiles finished,
      BlobStore blobs,
      ShopClient shop,
      SendingSettings settings,
      TransactionTemplate transaction,
      Clock clock) {
    this.sendings = sendings;
    this.sent = sent;
    this.finished = finished;
    this.blobs = blobs;
    this.shop = shop;
    this.settings = settings;
    this.transaction = transaction;
    this.clock = clock;
  }

  static TaskInstance.Builder<Void> task(long sendingId) {
    return TASK.instance(String.valueOf(sendingId));
  }

  /**
   * Sends until nothing is due.
   *
   * @param goesOn false once the server is stopping
   * @return when there is something to do again; empty = it is over
   */
  Optional<Instant> run(long sendingId, BooleanSupplier goesOn) {
    while (goesOn.getAsBoolean()) {
      Sending sending = sendings.findById(sendingId).orElse(null);
      if (sending == null || !sending.isRunning()) {
        return Optional.empty();
      }
      Instant now = clock.instant();
      if (sending.silentUntil() != null && sending.silentUntil().isAfter(now)) {
        return Optional.of(sending.silentUntil());
      }
      // One is enough to find out whether the shop is back.
      int many = sending.silentUntil() == null ? AT_ONCE : 1;
      List<SentFile> due =
          sent.findBySendingIdAndStateAndNextTryAtLessThanEqualOrderByNextTryAtAscIdAsc(
              sendingId, SentFile.State.WAITING, now, Limit.of(many));
      if (due.isEmpty()) {
        Optional<Instant> next =
            sent.findFirstBySendingIdAndStateOrderByNextTryAt(sendingId, SentFile.State.WAITING)
                .map(SentFile::nextTryAt);
        if (next.isEmpty()) {
          transaction.executeWithoutResult(status -> finish(sendingId));
        }
        return next;
      }
      List<CompletableFuture<ShopClient.Tried>> tries = due.stream().map(this::send).toList();
      List<ShopClient.Tried> heard = tries.stream().map(CompletableFuture::join).toList();
      transaction.executeWithoutResult(status -> keep(sendingId, due, heard));
    }
    return Optional.of(clock.instant());
  }

  private CompletableFuture<ShopClient.Tried> send(SentFile file) {
    FinishedFile made;
    byte[] bytes;
    try {
      made = finished.file(file.fileId());
      bytes = blobs.get(made.blobId());
    } catch (NotFound e) {
      return refused("Its bytes were tidied away; deliver it again");
    } catch (StorageFailed e) {
      return e.isLasting()
          ? refused(e.getMessage())
          : CompletableFuture.completedFuture(
              new ShopClient.Tried(Reply.LATER, false, e.getMessage(), Duration.ZERO));
    }
    return shop.send(made, made.spec().toSpec().format().mediaType(), file.sendKey(), bytes);
  }

  private static CompletableFuture<ShopClient.Tried> refused(String sentence) {
    return CompletableFuture.completedFuture(
        new ShopClient.Tried(Reply.REFUSED, false, sentence, Duration.ZERO));
  }

  private void keep(long sendingId, List<SentFile> files, List<ShopClient.Tried> heard) {
    Sending sending = sendings.findById(sendingId).orElseThrow();
    Instant now = clock.instant();
    for (int i = 0; i < files.size(); i++) {
      ShopClient.Tried tried = heard.get(i);
      SentFile file = files.get(i);
      if (tried.silent()) {
        // It is nothing that the file could help.
        continue;
      }
      switch (tried.reply()) {
        case THERE -> file.arrived();
        case REFUSED -> file.refused(tried.sentence());
        case LATER -> file.failed(tried.sentence(), tried.atLeast(), settings.firstWait(), now);
      }
    }
    sent.saveAll(files);
    if (heard.stream().allMatch(ShopClient.Tried::silent)) {
      sending.heardNothing(now, settings.firstWait());
    } else if (sending.silentUntil() != null) {
      sending.heard();
    }
  }

  private void finish(long sendingId) {
    Sending sending = sendings.findById(sendingId).orElseThrow();
    if (sending.isRunning()) {
      sending.finish(Sending.State.DONE, clock.instant());
    }
  }
}

package org.ablebatch.server.sending;

import com.github.kagkarlsson.scheduler.Scheduler;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.ablebatch.server.delivery.FinishedFile;
import org.ablebatch.server.delivery.FinishedFiles;
import org.ablebatch.server.problem.Conflict;
import org.ablebatch.server.problem.NotFound;
import org.ablebatch.server.sending.SendingViews.SendingView;
import org.ablebatch.server.sending.SendingViews.SentFileView;
import org.ablebatch.server.storage.Sha256;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Begins sendings, and says how far they are. */
@Service
public class SendingService {
  private static final int KEYS_AT_ONCE = 1000;

  private final SendingSettings settings;
  private final SendingRepository sendings;
  private final SentFileRepository sent;
  private final FinishedFiles finished;
  private final Scheduler scheduler;
  private final Clock clock;

  SendingService(
      SendingSettings settings,
      SendingRepository sendings,
      SentFileRepository sent,
      FinishedFiles finished,
      @Lazy Scheduler sendingScheduler,
      Clock clock) {
    this.settings = settings;
    this.sendings = sendings;
    this.sent = sent;
    this.finished = finished;
    this.scheduler = sendingScheduler;
    this.clock = clock;
  }

  /** Null = nowhere. */
  public String shop() {
    return settings.isAllowed() ? settings.to().toString() : null;
  }

  /**
   * Sends a delivery's files. What the shop has already, from this delivery or an earlier one, is
   * not sent; one that is on its way is not begun twice.
   *
   * @param all also what it is known to have: it may have thrown it away
   * @throws Conflict when there is no shop, or nothing to send
   */
  @Transactional
  public SendingView send(long deliveryId, boolean all) {
    if (!settings.isAllowed()) {
      throw new Conflict(
          "This server sends to no shop. Start it with --stand-in or --send-to URL.");
    }
    Optional<Sending> last = sendings.findFirstByDeliveryIdOrderByIdDesc(deliveryId);
    if (last.isPresent() && last.get().isRunning()) {
      return view(last.get());
    }
    List<FinishedFile> files = finished.of(deliveryId);
    if (files.isEmpty()) {
      throw new Conflict("This delivery has no files that could be sent.");
    }
    Instant now = clock.instant();
    Sending sending = sendings.save(new Sending(deliveryId, now));
    Set<String> there = all ? Set.of() : there(files);
    sent.saveAll(
        files.stream()
            .map(
                file ->
                    new SentFile(
                        sending.id(), file.fileId(), keyOf(file), there.contains(keyOf(file)), now))
            .toList());
    scheduler.scheduleIfNotExists(SendingJob.task(sending.id()).scheduledTo(now));
    return view(sending);
  }

  private Set<String> there(List<FinishedFile> files) {
    List<String> keys = files.stream().map(SendingService::keyOf).distinct().toList();
    Set<String> there = new HashSet<>();
    for (int i = 0; i < keys.size(); i += KEYS_AT_ONCE) {
      List<String> some = keys.subList(i, Math.min(keys.size(), i + KEYS_AT_ONCE));
      there.addAll(sent.keysIn(some, SentFile.State.THERE));
    }
    return there;
  }

  /** The same name with the same bytes is the same file, whichever delivery brings it. */
  static String keyOf(FinishedFile file) {
    return Sha256.of((file.name() + "\n" + file.blobId()).getBytes(StandardCharsets.UTF_8));
  }

  /** What is being sent still arrives; nothing more is begun. */
  @Transactional
  public SendingView stop(long id) {
    Sending sending = require(id);
    if (sending.isRunning()) {
      sending.finish(Sending.State.STOPPED, clock.instant());
    }
    return view(sending);
  }

  /** The last sending of a delivery; empty = it was never sent. */
  @Transactional(readOnly = true)
  public Optional<SendingView> last(long deliveryId) {
    return sendings.findFirstByDeliveryIdOrderByIdDesc(deliveryId).map(this::view);
  }

  /** Every file of a sending, in the delivery's order. */
  @Transactional(readOnly = true)
  public List<SentFileView> files(long id) {
    Sending sending = require(id);
    Map<Long, String> names =
        finished.of(sending.deliveryId()).stream()
            .collect(Collectors.toMap(FinishedFile::fileId, FinishedFile::name));
    List<SentFileView> views = new ArrayList<>();
    for (SentFile file : sent.findBySendingIdOrderById(sending.id())) {
      views.add(
          new SentFileView(
              names.getOrDefault(file.fileId(), ""),
              file.state().wireName(),
              file.tries(),
              file.problem(),
              file.tries() > 0 && file.state() == SentFile.State.WAITING
                  ? file.nextTryAt()
                  : null));
    }
    return views;
  }

  Sending require(long id) {
    return sendings.findById(id).orElseThrow(() -> new NotFound("sending", id));
  }

  private SendingView view(Sending sending) {
    Map<SentFile.State, Long> counts =
        sent.counts(sending.id()).stream()
            .collect(
                Collectors.toMap(SentFileRepository.Count::state, SentFileRepository.Count::files));
    Function<SentFile.State, Long> count = state -> counts.getOrDefault(state, 0L);
    Instant next =
        sending.isRunning()
            ? sent.findFirstBySendingIdAndStateOrderByNextTryAt(
                    sending.id(), SentFile.State.WAITING)
                .filter(file -> file.tries() > 0)
                .map(SentFile::nextTryAt)
                .orElse(null)
            : null;
    return new SendingView(
        sending.id(),
        sending.deliveryId(),
        shop(),
        sending.state().wireName(),
        count.apply(SentFile.State.THERE),
        count.apply(SentFile.State.WAITING),
        count.apply(SentFile.State.REFUSED),
        sending.silentUntil(),
        next,
        sending.createdAt(),
        sending.finishedAt());
  }
}

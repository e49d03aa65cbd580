package org.ablebatch.server.progress;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import org.springframework.context.SmartLifecycle;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Tells browsers that a batch or one of its pictures has changed. Changes are gathered and sent a
 * few times a second, so that a fast run does not drown a page; browsers then read what they show.
 */
@Component
public class BatchEvents implements SmartLifecycle {
  private static final long GATHER_MILLIS = 250;
  private static final long HEARTBEAT_MILLIS = 15_000;
  private static final long NEVER = 0;

  private volatile boolean running;
  private final Map<Long, List<SseEmitter>> listeners = new ConcurrentHashMap<>();
  private final Gathered<Boolean> changed = new Gathered<>();
  private final Gathered<String> mended = new Gathered<>();

  /** Of the monotonic clock, in nanoseconds; a batch that is not here is as it was at the start. */
  private final Map<Long, Long> changedAt = new ConcurrentHashMap<>();

  private final long startedAt = System.nanoTime();

  /**
   * Opens a stream for one batch; it ends when the browser leaves. Its first word says for how long
   * nothing has changed, so that only what may be older is read once more.
   */
  public SseEmitter listen(long batchId) {
    SseEmitter emitter = new SseEmitter(NEVER);
    List<SseEmitter> ofBatch =
        listeners.computeIfAbsent(batchId, id -> new CopyOnWriteArrayList<>());
    ofBatch.add(emitter);
    emitter.onCompletion(() -> ofBatch.remove(emitter));
    emitter.onError(error -> ofBatch.remove(emitter));
    Map<String, Object> quiet = Map.of("batchId", batchId, "quietMillis", quietMillis(batchId));
    send(emitter, SseEmitter.event().name("hello").data(quiet), ofBatch);
    return emitter;
  }

  /** Something about the batch itself has changed. */
  public void changed(long batchId) {
    afterCommit(
        () -> {
          changedAt.put(batchId, System.nanoTime());
          changed.add(batchId);
        });
  }

  /** A picture of the batch has changed. */
  public void changed(long batchId, long photoId) {
    afterCommit(
        () -> {
          changedAt.put(batchId, System.nanoTime());
          changed.add(batchId, photoId, true);
        });
  }

  /**
   * The edits of a picture have changed; only whoever has it on the bench reads it anew.
   *
   * @param state what the bench shows now
   */
  public void mended(long batchId, long photoId, String state) {
    afterCommit(() -> mended.add(batchId, photoId, state));
  }

  private long quietMillis(long batchId) {
    long since = changedAt.getOrDefault(batchId, startedAt);
    return TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - since);
  }

  /**
   * Done at once where there is no transaction; whoever looks before the commit sees nothing new.
   */
  public void afterCommit(Runnable action) {
    if (!TransactionSynchronizationManager.isSynchronizationActive()) {
      action.run();
      return;
    }
    TransactionSynchronizationManager.registerSynchronization(
        new TransactionSynchronization() {
          @Override
          public void afterCommit() {
            action.run();
          }
        });
  }

  @Scheduled(fixedDelay = GATHER_MILLIS)
  void sendGathered() {
    for (Gathered.OfBatch<Boolean> one : changed.take()) {
      List<Long> photos = List.copyOf(one.ofPictures().keySet());
      tell(one.batchId(), "changed", Map.of("batchId", one.batchId(), "pictures", photos));
    }
    for (Gathered.OfBatch<String> one : mended.take()) {
      tell(one.batchId(), "mended", Map.of("batchId", one.batchId(), "states", one.ofPictures()));
    }
  }

  private void tell(long batchId, String name, Map<String, Object> data) {
    List<SseEmitter> ofBatch = listeners.getOrDefault(batchId, List.of());
    for (SseEmitter emitter : ofBatch) {
      send(emitter, SseEmitter.event().name(name).data(data), ofBatch);
    }
  }

  @Scheduled(fixedDelay = HEARTBEAT_MILLIS)
  void keepAlive() {
    listeners.forEach(
        (id, ofBatch) ->
            ofBatch.forEach(emitter -> send(emitter, SseEmitter.event().comment("here"), ofBatch)));
  }

  @Override
  public void start() {
    running = true;
  }

  /** Streams never end by themselves; a server that stops would wait for them in vain. */
  @Override
  public void stop() {
    running = false;
    listeners.values().forEach(ofBatch -> ofBatch.forEach(SseEmitter::complete));
  }

  @Override
  public boolean isRunning() {
    return running;
  }

  private static void send(
      SseEmitter emitter, SseEmitter.SseEventBuilder event, List<SseEmitter> ofBatch) {
    try {
      emitter.send(event);
    } catch (IOException | IllegalStateException e) {
      // The browser has left; its stream is of no more use.
      ofBatch.remove(emitter);
      emitter.complete();
    }
  }
}

package org.ablebatch.server.delivery;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import org.ablebatch.server.batch.Batch;
import org.ablebatch.server.batch.BatchRepository;
import org.ablebatch.server.picture.PhotoRepository;
import org.ablebatch.server.picture.PhotoRepository.StateCount;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Opens Deliver for the newest large batch a few times after the start, as a browser does. Whoever
 * is the first to open it would otherwise wait while the code for it is being compiled.
 */
@Component
class Rehearsal {
  /** With fewer pictures even the first plan is there at once. */
  private static final int FEWEST = 500;

  private static final int NEWEST_BATCHES = 20;

  /** So often until Java has compiled the most of it well: a plan then takes half of the time. */
  private static final int TIMES = 60;

  private static final Logger LOG = LoggerFactory.getLogger(Rehearsal.class);

  private final BatchRepository batches;
  private final PhotoRepository photos;
  private final HttpClient client = HttpClient.newHttpClient();

  Rehearsal(BatchRepository batches, PhotoRepository photos) {
    this.batches = batches;
    this.photos = photos;
  }

  @EventListener
  void begin(ApplicationReadyEvent started) {
    String port = started.getApplicationContext().getEnvironment().getProperty("local.server.port");
    URI address = URI.create("http://127.0.0.1:" + port + "/api/v1/");
    Thread thread = new Thread(() -> largest(FEWEST).ifPresent(id -> open(address, id, TIMES)));
    thread.setName("rehearsal");
    thread.setDaemon(true);
    thread.start();
  }

  /**
   * The newest batch that would be a long plan.
   *
   * @param fewest pictures that may be delivered
   */
  Optional<Long> largest(int fewest) {
    List<Long> newest =
        batches.findAllByOrderByIdDesc().stream().limit(NEWEST_BATCHES).map(Batch::id).toList();
    Map<Long, Long> deliverable =
        photos.countByState(newest).stream()
            .filter(count -> count.state().isDeliverable())
            .collect(
                Collectors.groupingBy(
                    StateCount::batchId, Collectors.summingLong(StateCount::count)));
    return newest.stream().filter(id -> deliverable.getOrDefault(id, 0L) >= fewest).findFirst();
  }

  /**
   * Leaves as much time to others as it takes itself.
   *
   * @param address of the API
   * @return how many plans were answered
   */
  int open(URI address, long batch, int times) {
    HttpRequest plan =
        HttpRequest.newBuilder(address.resolve("batches/" + batch + "/preflight"))
            .header("Content-Type", "application/json")
            .POST(BodyPublishers.ofString("{}"))
            .build();
    HttpRequest pictures =
        HttpRequest.newBuilder(address.resolve("batches/" + batch + "/pictures")).build();
    int answered = 0;
    try {
      for (int i = 0; i < times; i++) {
        long began = System.nanoTime();
        answered += client.send(plan, BodyHandlers.discarding()).statusCode() == 200 ? 1 : 0;
        client.send(pictures, BodyHandlers.discarding());
        TimeUnit.NANOSECONDS.sleep(System.nanoTime() - began);
      }
    } catch (IOException e) {
      LOG.debug("the rehearsal was left", e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
    return answered;
  }
}

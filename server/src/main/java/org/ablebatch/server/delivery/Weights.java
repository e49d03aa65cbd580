package org.ablebatch.server.delivery;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.annotation.PreDestroy;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.ablebatch.codec.deliver.CannotMake;
import org.ablebatch.codec.spec.SpecEntry;
import org.ablebatch.codec.write.CannotWrite;
import org.ablebatch.core.deliver.Deliverable;
import org.ablebatch.core.deliver.Staging;
import org.ablebatch.core.deliver.WordsPlan;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.weight.WeightModel;
import org.ablebatch.server.batch.Batch;
import org.ablebatch.server.batch.BatchService;
import org.ablebatch.server.dressing.DressingService;
import org.ablebatch.server.picture.Photo;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/**
 * What the files of a run will weigh, from a few of each spec that are really made in the
 * background, and from those that earlier deliveries made.
 */
@Service
class Weights {
  private static final Logger LOG = LoggerFactory.getLogger(Weights.class);
  private static final int SAMPLES = 6;
  private static final int MOST_KEPT = 20_000;

  /** What could not be made weighs nothing; it is kept so that it is not tried again. */
  private static final long NOT_MADE = -1;

  private final BatchService batches;
  private final DeliveryService deliveries;
  private final TicketWords words;
  private final DressingService dressing;
  private final ExecutorService worker =
      Executors.newSingleThreadExecutor(
          work -> {
            Thread thread = new Thread(work, "weights");
            thread.setDaemon(true);
            thread.setPriority(Thread.MIN_PRIORITY);
            return thread;
          });
  private final Set<String> queued = new HashSet<>();
  private final Map<String, Long> known =
      new LinkedHashMap<>() {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Long> eldest) {
          return size() > MOST_KEPT;
        }
      };

  Weights(
      BatchService batches,
      DeliveryService deliveries,
      TicketWords words,
      DressingService dressing) {
    this.batches = batches;
    this.deliveries = deliveries;
    this.words = words;
    this.dressing = dressing;
  }

  /**
   * Weights in the order of the preflight.
   *
   * @param complete false while samples are still being made; asking again brings more
   * @param bytes of each file; 0 = nothing is known yet
   * @param total of all files, as far as they are known
   */
  @Schema(name = "Weights")
  record View(boolean complete, List<Long> bytes, long total) {}

  View of(long batchId, List<SpecEntry> specs) {
    Batch batch = batches.require(batchId);
    Work work = new Work(batch.look(), words.of(batchId).toPlan(), batch.sharpensEnlarged());
    List<DeliveryPlan.Item> items = deliveries.plan(batchId, specs);
    Map<String, Long> made = deliveries.weightsSoFar(batchId);
    Map<Integer, List<DeliveryPlan.Item>> bySpec = new HashMap<>();
    items.forEach(
        item -> bySpec.computeIfAbsent(item.file().specIndex(), i -> new ArrayList<>()).add(item));
    boolean complete = true;
    Map<Integer, WeightModel> models = new HashMap<>();
    for (Map.Entry<Integer, List<DeliveryPlan.Item>> spec : bySpec.entrySet()) {
      List<WeightModel.Sample> samples = new ArrayList<>();
      for (DeliveryPlan.Item item : spread(spec.getValue(), work.look())) {
        Long bytes = weight(item, made);
        if (bytes == null) {
          complete = false;
          begin(item, work);
        } else if (bytes != NOT_MADE) {
          samples.add(new WeightModel.Sample(load(item, work.look()), bytes));
        }
      }
      if (!samples.isEmpty()) {
        models.put(spec.getKey(), WeightModel.of(samples));
      }
    }
    List<Long> bytes =
        items.stream()
            .map(item -> estimate(item, models.get(item.file().specIndex()), made, work.look()))
            .toList();
    return new View(complete, bytes, bytes.stream().mapToLong(Long::longValue).sum());
  }

  private record Work(Look look, WordsPlan words, boolean sharpen) {}

  /** Pictures of every load, from the lightest to the heaviest. */
  private static List<DeliveryPlan.Item> spread(List<DeliveryPlan.Item> items, Look look) {
    List<DeliveryPlan.Item> sorted =
        items.stream()
            .filter(item -> !item.file().isBlocked())
            .sorted(Comparator.comparingDouble(item -> load(item, look)))
            .toList();
    if (sorted.size() <= SAMPLES) {
      return sorted;
    }
    List<DeliveryPlan.Item> spread = new ArrayList<>();
    for (int i = 0; i < SAMPLES; i++) {
      spread.add(sorted.get((int) ((i + 0.5) * sorted.size() / SAMPLES)));
    }
    return spread;
  }

  private static double load(DeliveryPlan.Item item, Look look) {
    Photo photo = item.row().photo();
    Deliverable picture =
        new Deliverable(item.row().measures(), DressingService.lookOf(look, photo));
    double scale = Staging.of(item.file().spec(), picture.measures(), picture.look()).enlargement();
    Rect content = picture.measures().content();
    double pixels = scale * scale * content.width() * content.height();
    Rect whole = photo.wholeFrame();
    return WeightModel.load(
        pixels, scale, photo.originalBytes() / (double) ((long) whole.width() * whole.height()));
  }

  /** Null while it is not known. */
  private Long weight(DeliveryPlan.Item item, Map<String, Long> made) {
    Long before = made.get(item.recipe());
    if (before != null) {
      return before;
    }
    synchronized (known) {
      return known.get(item.recipe());
    }
  }

  private long estimate(
      DeliveryPlan.Item item, WeightModel model, Map<String, Long> made, Look look) {
    Long bytes = weight(item, made);
    if (bytes != null) {
      return Math.max(0, bytes);
    }
    if (model == null) {
      return 0;
    }
    long judged = model.bytes(load(item, look));
    return item.file().spec().weight() == null
        ? judged
        : Math.min(judged, item.file().spec().weight().mostBytes());
  }

  private void begin(DeliveryPlan.Item item, Work work) {
    synchronized (known) {
      if (queued.add(item.recipe())) {
        worker.submit(() -> make(item, work));
      }
    }
  }

  private void make(DeliveryPlan.Item item, Work work) {
    long bytes = NOT_MADE;
    try {
      Photo photo = item.row().photo();
      bytes =
          dressing
              .make(
                  dressing.fullSize(item.row()),
                  item.file().spec(),
                  DressingService.lookOf(work.look(), photo),
                  work.sharpen(),
                  work.words().of(photo.labels()))
              .bytes()
              .length;
    } catch (CannotMake | CannotWrite e) {
      LOG.debug("{} can’t be made: {}", item.file().name(), e.getMessage());
    } catch (RuntimeException | OutOfMemoryError e) {
      LOG.warn("weighing {} failed", item.file().name(), e);
    }
    synchronized (known) {
      known.put(item.recipe(), bytes);
      queued.remove(item.recipe());
    }
  }

  @PreDestroy
  void stop() {
    worker.shutdownNow();
  }
}

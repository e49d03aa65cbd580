package org.ablebatch.server.delivery;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.annotation.PreDestroy;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.stream.Collectors;
import org.ablebatch.codec.deliver.FileMaker;
import org.ablebatch.codec.spec.SpecEntry;
import org.ablebatch.codec.write.CannotWrite;
import org.ablebatch.core.deliver.WeightLimit;
import org.ablebatch.core.deliver.WordsPlan;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.weight.WeightModel;
import org.ablebatch.core.weight.WeightRisk;
import org.ablebatch.server.batch.Batch;
import org.ablebatch.server.batch.BatchService;
import org.ablebatch.server.dressing.DressingService;
import org.ablebatch.server.picture.PhotoRow;
import org.ablebatch.server.picture.PhotoService;
import org.ablebatch.server.picture.PlannedPhoto;
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

  /**
   * What came of making a file.
   *
   * @param likeness that is left within the limit; null = it has none, or it can't be made
   * @param problem why it can't be made; null = it was
   */
  private record Weighed(long bytes, Double likeness, String problem) {}

  private final BatchService batches;
  private final DeliveryService deliveries;
  private final TicketWords words;
  private final DressingService dressing;
  private final PhotoService photos;
  private final ExecutorService worker =
      Executors.newSingleThreadExecutor(ThreadsBehind.named("weights-"));

  /** Recipes that were asked for last, by batch: what nobody wants any more is not made. */
  private final Map<Long, Set<String>> wanted = new ConcurrentHashMap<>();

  private final Set<String> queued = new HashSet<>();
  private final Map<String, Weighed> known =
      new LinkedHashMap<>() {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Weighed> eldest) {
          return size() > MOST_KEPT;
        }
      };

  Weights(
      BatchService batches,
      DeliveryService deliveries,
      TicketWords words,
      DressingService dressing,
      PhotoService photos) {
    this.batches = batches;
    this.deliveries = deliveries;
    this.words = words;
    this.dressing = dressing;
    this.photos = photos;
  }

  /**
   * Weights in the order of the preflight.
   *
   * @param complete false while samples are still being made; asking again brings more
   * @param bytes of each file; 0 = nothing is known yet
   * @param problems of files that were tried and can't be made, by their place in the order
   * @param risks of files that were not tried and may not get below their limit, likewise
   * @param total of all files, as far as they are known
   */
  @Schema(name = "Weights")
  record View(
      boolean complete,
      List<Long> bytes,
      Map<Integer, String> problems,
      Map<Integer, String> risks,
      long total) {}

  View of(long batchId, List<SpecEntry> specs) {
    Batch batch = batches.require(batchId);
    Work work =
        new Work(batchId, batch.look(), words.of(batchId).toPlan(), batch.sharpensEnlarged());
    List<DeliveryPlan.Item> items = deliveries.plan(batchId, specs);
    Map<String, Long> made = deliveries.weightsSoFar(batchId);
    List<DeliveryPlan.Item> samples = samples(items);
    List<DeliveryPlan.Item> missing =
        samples.stream().filter(item -> weighed(item, made) == null).toList();
    begin(missing, work);
    Map<Integer, WeightModel> models = models(samples, made);
    List<Long> bytes = new ArrayList<>();
    Map<Integer, String> problems = new TreeMap<>();
    Map<Integer, String> risks = new TreeMap<>();
    Map<Integer, Double> atRiskFrom = risks(samples, made);
    for (DeliveryPlan.Item item : items) {
      Weighed weighed = weighed(item, made);
      if (weighed != null && weighed.problem() != null) {
        problems.put(bytes.size(), weighed.problem());
      }
      double from = atRiskFrom.getOrDefault(item.file().specIndex(), Double.POSITIVE_INFINITY);
      if (weighed == null && load(item) >= from) {
        risks.put(
            bytes.size(),
            String.format(
                Locale.ROOT, "%,d bytes may not be met", item.file().spec().weight().mostBytes()));
      }
      bytes.add(
          weighed != null ? weighed.bytes() : judged(item, models.get(item.file().specIndex())));
    }
    long total = bytes.stream().mapToLong(Long::longValue).sum();
    return new View(missing.isEmpty(), bytes, problems, risks, total);
  }

  private record Work(long batchId, Look look, WordsPlan words, boolean sharpen) {}

  /** Of every spec some of every load, from the lightest to the heaviest. */
  private static List<DeliveryPlan.Item> samples(List<DeliveryPlan.Item> items) {
    Map<Integer, List<DeliveryPlan.Item>> bySpec =
        items.stream()
            .filter(item -> !item.file().isBlocked())
            .collect(Collectors.groupingBy(item -> item.file().specIndex()));
    List<DeliveryPlan.Item> samples = new ArrayList<>();
    for (List<DeliveryPlan.Item> all : bySpec.values()) {
      List<DeliveryPlan.Item> sorted =
          all.stream().sorted(Comparator.comparingDouble(Weights::load)).toList();
      int count = Math.min(SAMPLES, sorted.size());
      for (int i = 0; i < count; i++) {
        samples.add(sorted.get((int) ((i + 0.5) * sorted.size() / count)));
      }
    }
    return samples;
  }

  private Map<Integer, WeightModel> models(
      List<DeliveryPlan.Item> samples, Map<String, Long> made) {
    Map<Integer, List<WeightModel.Sample>> bySpec = new HashMap<>();
    for (DeliveryPlan.Item item : samples) {
      Weighed weighed = weighed(item, made);
      if (weighed != null && weighed.problem() == null) {
        bySpec
            .computeIfAbsent(item.file().specIndex(), i -> new ArrayList<>())
            .add(new WeightModel.Sample(load(item), weighed.bytes()));
      }
    }
    return bySpec.entrySet().stream()
        .collect(Collectors.toMap(Map.Entry::getKey, spec -> WeightModel.of(spec.getValue())));
  }

  /** Of every spec with a limit, the load from which on files may not meet it. */
  private Map<Integer, Double> risks(List<DeliveryPlan.Item> samples, Map<String, Long> made) {
    Map<Integer, List<WeightRisk.Tried>> tried = new HashMap<>();
    Map<Integer, Double> least = new HashMap<>();
    for (DeliveryPlan.Item item : samples) {
      WeightLimit limit = item.file().spec().weight();
      Weighed weighed = weighed(item, made);
      boolean known = weighed != null && (weighed.problem() != null || weighed.likeness() != null);
      if (limit != null && known) {
        least.put(item.file().specIndex(), limit.leastLikeness());
        tried
            .computeIfAbsent(item.file().specIndex(), i -> new ArrayList<>())
            .add(new WeightRisk.Tried(load(item), weighed.likeness()));
      }
    }
    return tried.entrySet().stream()
        .collect(
            Collectors.toMap(
                Map.Entry::getKey,
                spec -> WeightRisk.from(spec.getValue(), least.get(spec.getKey()))));
  }

  private static double load(DeliveryPlan.Item item) {
    PlannedPhoto photo = item.picture();
    Rect content = photo.measures().content();
    Rect whole = photo.whole();
    double scale = item.file().staging().enlargement();
    return WeightModel.load(
        scale * scale * content.width() * content.height(),
        scale,
        photo.originalBytes() / (double) ((long) whole.width() * whole.height()));
  }

  /** Null while it is not known. */
  private Weighed weighed(DeliveryPlan.Item item, Map<String, Long> made) {
    Long before = made.get(item.recipe());
    if (before != null) {
      return new Weighed(before, null, null);
    }
    synchronized (known) {
      return known.get(item.recipe());
    }
  }

  private static long judged(DeliveryPlan.Item item, WeightModel model) {
    if (model == null) {
      return 0;
    }
    long bytes = model.bytes(load(item));
    WeightLimit limit = item.file().spec().weight();
    return limit == null ? bytes : Math.min(bytes, limit.mostBytes());
  }

  private void begin(List<DeliveryPlan.Item> items, Work work) {
    wanted.put(
        work.batchId(), items.stream().map(DeliveryPlan.Item::recipe).collect(Collectors.toSet()));
    synchronized (known) {
      for (DeliveryPlan.Item item : items) {
        if (queued.add(item.recipe())) {
          worker.submit(() -> weigh(item, work));
        }
      }
    }
  }

  private void weigh(DeliveryPlan.Item item, Work work) {
    Weighed weighed = wanted.get(work.batchId()).contains(item.recipe()) ? made(item, work) : null;
    synchronized (known) {
      if (weighed != null) {
        known.put(item.recipe(), weighed);
      }
      queued.remove(item.recipe());
    }
  }

  /** Null when the picture is not as it was planned any more. */
  private Weighed made(DeliveryPlan.Item item, Work work) {
    PlannedPhoto photo = item.picture();
    try {
      PhotoRow row = photos.row(photo.id());
      if (row.photo().revision() != photo.revision()) {
        return null;
      }
      FileMaker.Made made =
          dressing.make(
              dressing.fullSize(row),
              item.file().spec(),
              photo.changed(work.look()),
              work.sharpen(),
              work.words().of(photo.labels()));
      return new Weighed(made.bytes().length, made.likeness(), null);
    } catch (CannotWrite e) {
      return new Weighed(0, null, e.getMessage());
    } catch (RuntimeException | OutOfMemoryError e) {
      LOG.warn("weighing {} failed", item.file().name(), e);
      return new Weighed(0, null, "a try to make it failed");
    }
  }

  @PreDestroy
  void stop() {
    worker.shutdownNow();
  }
}

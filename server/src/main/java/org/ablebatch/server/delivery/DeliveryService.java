package org.ablebatch.server.delivery;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.task.TaskInstance;
import java.time.Clock;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.ablebatch.codec.spec.SpecEntry;
import org.ablebatch.core.deliver.WordsPlan;
import org.ablebatch.core.line.PictureState;
import org.ablebatch.server.batch.Batch;
import org.ablebatch.server.batch.BatchService;
import org.ablebatch.server.delivery.DeliveryViews.DeliveryView;
import org.ablebatch.server.delivery.DeliveryViews.PreflightFile;
import org.ablebatch.server.delivery.DeliveryViews.PreflightView;
import org.ablebatch.server.dressing.LookProblems;
import org.ablebatch.server.picture.PhotoRepository;
import org.ablebatch.server.picture.PhotoRow;
import org.ablebatch.server.problem.Conflict;
import org.ablebatch.server.problem.NotFound;
import org.ablebatch.server.progress.BatchEvents;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Plans deliveries, starts them, and says how far they are. */
@Service
public class DeliveryService {
  private static final List<PictureState> DELIVERABLE =
      Arrays.stream(PictureState.values()).filter(PictureState::isDeliverable).toList();

  private final BatchService batches;
  private final PhotoRepository photos;
  private final DeliveryRepository deliveries;
  private final DeliveredFileRepository files;
  private final TicketWords words;
  private final LookProblems hurts;
  private final Scheduler scheduler;
  private final BatchEvents events;
  private final JsonMapper json;
  private final Clock clock;

  DeliveryService(
      BatchService batches,
      PhotoRepository photos,
      DeliveryRepository deliveries,
      DeliveredFileRepository files,
      TicketWords words,
      LookProblems hurts,
      @Lazy Scheduler deliveryScheduler,
      BatchEvents events,
      JsonMapper json,
      Clock clock) {
    this.batches = batches;
    this.photos = photos;
    this.deliveries = deliveries;
    this.files = files;
    this.words = words;
    this.hurts = hurts;
    this.scheduler = deliveryScheduler;
    this.events = events;
    this.json = json;
    this.clock = clock;
  }

  /**
   * What would be made. Makes nothing.
   *
   * @throws org.ablebatch.core.deliver.InvalidSpec naming the field that is wrong
   */
  @Transactional(readOnly = true)
  public PreflightView preflight(long batchId, List<SpecEntry> specs) {
    Batch batch = batches.require(batchId);
    Before before = before(batchId);
    List<DeliveryPlan.Item> items = plan(batchId, specs);
    List<PreflightFile> content =
        items.stream()
            .map(
                item ->
                    PreflightFiles.of(
                        item,
                        before.change(item),
                        hurts.knownOf(item.picture(), batch, item.file().frame())))
            .toList();
    int pictures = items.size() / specs.size();
    return new PreflightView(
        pictures,
        size(batchId) - pictures,
        content.size(),
        count(content, file -> !file.notes().isEmpty()),
        count(content, PreflightFile::blocked),
        count(content, file -> file.change().equals(FileChange.SAME.wireName())),
        content);
  }

  /** A plan without specs: nothing would be made. */
  @Transactional(readOnly = true)
  public PreflightView preflightOfNone(long batchId) {
    batches.require(batchId);
    int pictures =
        photos.countByState(List.of(batchId)).stream()
            .filter(count -> DELIVERABLE.contains(count.state()))
            .mapToInt(count -> (int) count.count())
            .sum();
    return new PreflightView(pictures, size(batchId) - pictures, 0, 0, 0, 0, List.of());
  }

  private int size(long batchId) {
    return (int) photos.countByBatchIdAndRemovedAtIsNull(batchId);
  }

  private static int count(List<PreflightFile> files, Predicate<PreflightFile> which) {
    return (int) files.stream().filter(which).count();
  }

  /**
   * Writes the plan and queues the run. Names are fixed here, so that a run that is interrupted
   * goes on with the same ones. What the last delivery made and would come out the same is taken
   * from there.
   *
   * @param leftOut files that are not made
   * @param only the pictures that are delivered; null = all that are passed
   * @throws Conflict when no picture may be delivered
   */
  @Transactional
  public long deliver(long batchId, List<SpecEntry> specs, Set<LeftOut> leftOut, Set<Long> only) {
    Batch batch = batches.require(batchId);
    List<DeliveryPlan.Item> all = plan(batchId, specs);
    if (all.isEmpty()) {
      throw new Conflict(
          "No picture of this batch has been passed yet. Pass some in Check, then deliver.");
    }
    List<DeliveryPlan.Item> items =
        all.stream()
            .filter(item -> !leftOut.contains(LeftOut.of(item)))
            .filter(item -> only == null || only.contains(item.picture().id()))
            .toList();
    if (items.isEmpty()) {
      throw new Conflict(
          only == null
              ? "Every file is left out, so there is nothing to make."
              : "None of these pictures is passed any more. Pass them in Check, then deliver.");
    }
    Before before = only == null ? before(batchId) : Before.NOTHING;
    Delivery delivery =
        deliveries.save(
            new Delivery(
                batchId,
                json.writeValueAsString(specs),
                batch.lookVersion(),
                batch.sharpensEnlarged(),
                before.deliveryId(),
                words.kept(words.of(batchId)),
                only != null,
                clock.instant()));
    files.saveAll(items.stream().map(item -> before.planned(delivery.id(), item)).toList());
    schedule(delivery, DeliveryJob.task(delivery.id()));
    return delivery.id();
  }

  /** Every file that a run would make now, in the order of the preflight. */
  @Transactional(readOnly = true)
  List<DeliveryPlan.Item> plan(long batchId, List<SpecEntry> specs) {
    Batch batch = batches.require(batchId);
    return DeliveryPlan.of(
        photos.plannedInOrder(batchId, DELIVERABLE),
        specs,
        batch.look(),
        words.of(batchId),
        batch.sharpensEnlarged());
  }

  /** Bytes of the files of the last delivery, by their recipes. */
  @Transactional(readOnly = true)
  Map<String, Long> weightsSoFar(long batchId) {
    return before(batchId).weights();
  }

  /** Those that may be delivered, in the batch's order. */
  @Transactional(readOnly = true)
  List<PhotoRow> deliverable(long batchId) {
    return photos.rowsInOrder(batchId, DELIVERABLE);
  }

  private void schedule(Delivery delivery, TaskInstance.Builder<Void> task) {
    scheduler.scheduleIfNotExists(task.scheduledTo(clock.instant()));
    events.changed(delivery.batchId());
  }

  private Before before(long batchId) {
    return deliveries
        .findFirstByBatchIdAndStateAndOfSomeFalseOrderByIdDesc(batchId, DeliveryState.DONE)
        .map(last -> new Before(last.id(), files.findByDeliveryIdOrderById(last.id()), specs(last)))
        .orElse(Before.NOTHING);
  }

  /** What is being made is finished; nothing more is begun until it goes on. */
  @Transactional
  public void pause(long id) {
    Delivery delivery = require(id);
    if (delivery.state().isOver()) {
      throw new Conflict("This delivery is finished; there is nothing to pause.");
    }
    delivery.pause();
    events.changed(delivery.batchId());
  }

  /** Goes on with what is not made yet. */
  @Transactional
  public void goOn(long id) {
    Delivery delivery = require(id);
    if (delivery.state() == DeliveryState.PAUSED) {
      delivery.goOn();
      // The task that was paused may still be finishing what it had begun.
      schedule(delivery, DeliveryJob.taskAgain(id, clock.instant()));
    }
  }

  /**
   * Makes what was tidied away of a delivery once more, exactly as it was: from the version, the
   * look and the specs of then. What would come out otherwise is not taken.
   *
   * @throws Conflict when it is whole, or still being made
   */
  @Transactional
  public void makeAgain(long id) {
    Delivery delivery = require(id);
    if (!delivery.state().isOver()) {
      throw new Conflict("This delivery is still being made.");
    }
    if (files.findByDeliveryIdOrderById(id).stream().noneMatch(DeliveredFile::isForgotten)) {
      throw new Conflict("Every file of this delivery is there as it was; fetch its ZIP.");
    }
    delivery.makeAgain();
    schedule(delivery, DeliveryJob.taskAgain(id, clock.instant()));
  }

  @Transactional(readOnly = true)
  boolean isPaused(long id) {
    return require(id).state() == DeliveryState.PAUSED;
  }

  @Transactional(readOnly = true)
  public DeliveryView view(long id) {
    return views(List.of(require(id))).get(0);
  }

  @Transactional(readOnly = true)
  public List<DeliveryView> viewAll(long batchId) {
    batches.require(batchId);
    return views(deliveries.findByBatchIdOrderByIdDesc(batchId));
  }

  Delivery require(long id) {
    return deliveries.findById(id).orElseThrow(() -> new NotFound("delivery", id));
  }

  List<SpecEntry> specs(Delivery delivery) {
    return List.of(json.readValue(delivery.specsJson(), SpecEntry[].class));
  }

  WordsPlan words(Delivery delivery) {
    return words.read(delivery.fileWords()).toPlan();
  }

  private List<DeliveryView> views(List<Delivery> all) {
    Map<Long, DeliveredFileRepository.Progress> progress =
        all.isEmpty()
            ? Map.of()
            : files.progress(all.stream().map(Delivery::id).toList()).stream()
                .collect(
                    Collectors.toMap(
                        DeliveredFileRepository.Progress::deliveryId, Function.identity()));
    return all.stream().map(delivery -> view(delivery, progress.get(delivery.id()))).toList();
  }

  private DeliveryView view(Delivery delivery, DeliveredFileRepository.Progress progress) {
    return new DeliveryView(
        delivery.id(),
        delivery.batchId(),
        delivery.state().wireName(),
        specs(delivery),
        progress == null ? 0 : progress.planned(),
        progress == null ? 0 : progress.made(),
        progress == null ? 0 : progress.failed(),
        progress == null ? 0 : progress.same(),
        progress == null ? 0 : progress.forgotten(),
        progress == null ? 0 : progress.bytes(),
        delivery.problem(),
        delivery.createdAt(),
        delivery.finishedAt());
  }
}

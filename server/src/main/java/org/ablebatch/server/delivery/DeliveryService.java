package org.ablebatch.server.delivery;

import com.github.kagkarlsson.scheduler.Scheduler;
import java.time.Clock;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.ablebatch.core.deliver.InvalidSpec;
import org.ablebatch.core.deliver.Spec;
import org.ablebatch.core.line.PictureState;
import org.ablebatch.server.batch.Batch;
import org.ablebatch.server.batch.BatchService;
import org.ablebatch.server.delivery.DeliveryViews.DeliveryView;
import org.ablebatch.server.delivery.DeliveryViews.PreflightFile;
import org.ablebatch.server.delivery.DeliveryViews.PreflightView;
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
  private static final int MOST_SPECS = 40;
  private static final List<PictureState> DELIVERABLE =
      Arrays.stream(PictureState.values()).filter(PictureState::isDeliverable).toList();

  private final BatchService batches;
  private final PhotoRepository photos;
  private final DeliveryRepository deliveries;
  private final DeliveredFileRepository files;
  private final Scheduler scheduler;
  private final BatchEvents events;
  private final JsonMapper json;
  private final Clock clock;

  DeliveryService(
      BatchService batches,
      PhotoRepository photos,
      DeliveryRepository deliveries,
      DeliveredFileRepository files,
      @Lazy Scheduler deliveryScheduler,
      BatchEvents events,
      JsonMapper json,
      Clock clock) {
    this.batches = batches;
    this.photos = photos;
    this.deliveries = deliveries;
    this.files = files;
    this.scheduler = deliveryScheduler;
    this.events = events;
    this.json = json;
    this.clock = clock;
  }

  @Transactional(readOnly = true)
  public PreflightView preflight(long batchId, List<SpecRequest> requests) {
    Batch batch = batches.require(batchId);
    List<PhotoRow> rows = photos.rowsInOrder(batchId, DELIVERABLE);
    List<DeliveryPlan.Item> items = DeliveryPlan.of(rows, specs(requests), batch.look());
    List<PreflightFile> content = items.stream().map(DeliveryService::preflightFile).toList();
    int needALook = (int) content.stream().filter(file -> !file.notes().isEmpty()).count();
    return new PreflightView(rows.size(), content.size(), needALook, content);
  }

  private static PreflightFile preflightFile(DeliveryPlan.Item item) {
    return new PreflightFile(
        item.name(),
        item.row().photo().id(),
        item.row().photo().fileName(),
        item.spec().name(),
        item.spec().width(),
        item.spec().height(),
        item.spec().format().name(),
        item.notes().stream().map(note -> note.sentence()).toList());
  }

  /**
   * Writes the plan and queues the run. Names are fixed here, so that a run that is interrupted
   * goes on with the same ones.
   *
   * @throws Conflict when no picture may be delivered
   */
  @Transactional
  public long deliver(long batchId, List<SpecRequest> requests) {
    Batch batch = batches.require(batchId);
    List<Spec> specs = specs(requests);
    List<PhotoRow> rows = photos.rowsInOrder(batchId, DELIVERABLE);
    if (rows.isEmpty()) {
      throw new Conflict(
          "No picture of this batch has been passed yet. Pass some in Check, then deliver.");
    }
    Delivery delivery =
        deliveries.save(
            new Delivery(
                batchId,
                json.writeValueAsString(requests),
                batch.lookVersion(),
                batch.sharpensEnlarged(),
                clock.instant()));
    files.saveAll(
        DeliveryPlan.of(rows, specs, batch.look()).stream()
            .map(
                item ->
                    new DeliveredFile(
                        delivery.id(),
                        item.row().photo().id(),
                        item.row().photo().shown().versionId(),
                        item.specIndex(),
                        item.name()))
            .toList());
    scheduler.scheduleIfNotExists(
        DeliveryJob.TASK.instance(String.valueOf(delivery.id())).scheduledTo(clock.instant()));
    events.changed(batchId);
    return delivery.id();
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

  List<SpecRequest> requests(Delivery delivery) {
    return List.of(json.readValue(delivery.specsJson(), SpecRequest[].class));
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
        requests(delivery),
        progress == null ? 0 : progress.planned(),
        progress == null ? 0 : progress.made(),
        progress == null ? 0 : progress.failed(),
        progress == null ? 0 : progress.bytes(),
        delivery.problem(),
        delivery.createdAt(),
        delivery.finishedAt());
  }

  static List<Spec> specs(List<SpecRequest> requests) {
    if (requests == null || requests.isEmpty() || requests.size() > MOST_SPECS) {
      throw new InvalidSpec("specs", "A delivery has 1 to " + MOST_SPECS + " specs");
    }
    return requests.stream().flatMap(Stream::ofNullable).map(SpecRequest::toSpec).toList();
  }
}

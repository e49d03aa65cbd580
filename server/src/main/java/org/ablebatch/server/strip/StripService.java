package org.ablebatch.server.strip;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.line.PictureState;
import org.ablebatch.core.scene.SceneFacts;
import org.ablebatch.core.scene.Variety;
import org.ablebatch.server.batch.BatchService;
import org.ablebatch.server.batch.Methods;
import org.ablebatch.server.cutting.CutWorkers;
import org.ablebatch.server.picture.CutoutVersion;
import org.ablebatch.server.picture.Photo;
import org.ablebatch.server.picture.PhotoRepository;
import org.ablebatch.server.problem.BadInput;
import org.ablebatch.server.progress.BatchEvents;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Lays test strips out and says how far they are. */
@Service
class StripService {
  private static final int MOST_SAMPLES = 12;
  private static final int USUAL_SAMPLES = 4;
  private static final List<Method> USUAL_METHODS =
      List.of(Method.AUTO, Method.PLAIN, Method.UNEVEN, Method.BUSY);

  private final StripCellRepository cells;
  private final BatchService batches;
  private final PhotoRepository photos;
  private final CutWorkers workers;
  private final BatchEvents events;

  StripService(
      StripCellRepository cells,
      BatchService batches,
      PhotoRepository photos,
      CutWorkers workers,
      BatchEvents events) {
    this.cells = cells;
    this.batches = batches;
    this.photos = photos;
    this.workers = workers;
    this.events = events;
  }

  /**
   * Lays a strip out; cells that were there stay, those that are not wanted any more go. Their
   * cutouts stay in any case.
   *
   * @param pictureIds the samples; null = chosen so that they differ as much as they can
   * @param count how many are chosen; null = four
   * @param methodNames null = automatic and the three usual ones
   */
  @Transactional
  public void layOut(long batchId, List<Long> pictureIds, Integer count, List<String> methodNames) {
    batches.require(batchId);
    List<Photo> samples = pictureIds == null ? choose(batchId, count) : byHand(batchId, pictureIds);
    List<Method> methods =
        methodNames == null
            ? USUAL_METHODS
            : methodNames.stream().distinct().map(Methods::choosable).toList();
    if (samples.isEmpty() || methods.isEmpty()) {
      throw new BadInput("pictures", "A test strip has at least one picture and one method");
    }
    List<StripCell> known = cells.findByBatchId(batchId);
    List<StripCell> wanted = new ArrayList<>();
    for (int row = 0; row < samples.size(); row++) {
      for (Method method : methods) {
        wanted.add(cell(known, samples.get(row), row, method));
      }
    }
    Set<StripCell> unwanted = new HashSet<>(known);
    wanted.forEach(unwanted::remove);
    cells.deleteAll(unwanted);
    cells.saveAll(wanted);
    events.changed(batchId);
    events.afterCommit(workers::ring);
  }

  private static StripCell cell(List<StripCell> known, Photo photo, int row, Method method) {
    StripCell cell =
        known.stream()
            .filter(c -> c.photoId() == photo.id() && c.method() == method)
            .findFirst()
            .orElseGet(() -> new StripCell(photo.batchId(), photo.id(), row, method));
    cell.moveTo(row);
    if (cell.state() == StripCell.State.DONE || cell.state() == StripCell.State.FAILED) {
      // Costs nothing where nothing has changed: the same question finds the same cutout.
      cell.again();
    }
    return cell;
  }

  private List<Photo> choose(long batchId, Integer count) {
    int wanted = count == null ? USUAL_SAMPLES : count;
    if (wanted < 1 || wanted > MOST_SAMPLES) {
      throw BadInput.expected("count", "1 to " + MOST_SAMPLES + " pictures", count);
    }
    List<Photo> known =
        photos.findByBatchIdAndRemovedAtIsNullOrderByPlace(batchId).stream()
            .filter(photo -> photo.state() != PictureState.LEFT_WHOLE)
            .toList();
    // Pictures of earlier times have no facts; they only fill up what would stay empty.
    List<Photo> read = known.stream().filter(photo -> photo.sceneFacts() != null).toList();
    List<Photo> varied = varied(read, wanted);
    return Stream.concat(varied.stream(), known.stream().filter(photo -> !varied.contains(photo)))
        .limit(wanted)
        .toList();
  }

  private static List<Photo> varied(List<Photo> read, int wanted) {
    return Variety.choose(
            read.stream().map(photo -> SceneFacts.parse(photo.sceneFacts())).toList(), wanted)
        .stream()
        .map(read::get)
        .toList();
  }

  private List<Photo> byHand(long batchId, List<Long> ids) {
    List<Long> wanted = ids.stream().filter(Objects::nonNull).distinct().toList();
    if (wanted.size() > MOST_SAMPLES) {
      throw BadInput.expected("pictures", "1 to " + MOST_SAMPLES + " pictures", wanted.size());
    }
    List<Photo> found =
        photos.findAllById(wanted).stream().filter(photo -> photo.batchId() == batchId).toList();
    if (found.size() < wanted.size()) {
      throw new BadInput("pictures", "Some of these pictures are not in this batch");
    }
    return found.stream().sorted(Comparator.comparing(p -> wanted.indexOf(p.id()))).toList();
  }

  @Transactional
  public void clear(long batchId) {
    cells.deleteAll(cells.findByBatchId(batchId));
    events.changed(batchId);
  }

  @Transactional(readOnly = true)
  public StripView view(long batchId) {
    batches.require(batchId);
    List<StripCellRepository.CellRow> rows = cells.rows(batchId);
    List<Method> inOrder =
        Arrays.stream(Method.values())
            .filter(method -> rows.stream().anyMatch(row -> row.cell().method() == method))
            .toList();
    return new StripView(
        rows.stream().map(row -> row.cell().photoId()).distinct().toList(),
        inOrder.stream().map(Method::wireName).toList(),
        rows.stream().map(StripService::view).toList());
  }

  private static StripView.CellView view(StripCellRepository.CellRow row) {
    StripCell cell = row.cell();
    CutoutVersion version = row.version();
    return new StripView.CellView(
        cell.photoId(),
        cell.method().wireName(),
        cell.state().name().toLowerCase(Locale.ROOT),
        cell.versionId(),
        version == null ? null : version.confidence(),
        version == null ? null : version.method(),
        version == null ? null : version.reason(),
        version == null ? null : version.millis() / 1000.0,
        version == null ? null : version.tellTale(),
        cell.problem());
  }
}

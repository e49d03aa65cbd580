package org.ablebatch.server.sets;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import org.ablebatch.core.sets.NamePattern;
import org.ablebatch.core.sets.SetList;
import org.ablebatch.core.sets.SetPlace;
import org.ablebatch.server.batch.BatchService;
import org.ablebatch.server.picture.Photo;
import org.ablebatch.server.picture.PhotoRepository;
import org.ablebatch.server.progress.BatchEvents;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Shows what codes and groups would come to, and gives them. */
@Service
public class SetsService {
  private static final int EXAMPLES = 40;
  private static final int GROUPS = 200;

  private final PhotoRepository photos;
  private final BatchService batches;
  private final BatchEvents events;

  SetsService(PhotoRepository photos, BatchService batches, BatchEvents events) {
    this.photos = photos;
    this.batches = batches;
    this.events = events;
  }

  @Transactional(readOnly = true)
  public SetsView preview(long batchId, NamePattern pattern) {
    return describe(all(batchId), byPattern(pattern), pattern, List.of());
  }

  /** Gives codes and groups, and remembers the pattern for pictures that come later. */
  @Transactional
  public SetsView apply(long batchId, NamePattern pattern) {
    SetsView view = preview(batchId, pattern);
    give(batchId, byPattern(pattern));
    batches.setNamePattern(batchId, pattern);
    return view;
  }

  private static Function<Photo, SetPlace> byPattern(NamePattern pattern) {
    return photo -> pattern.of(photo.folder(), photo.fileName());
  }

  /**
   * @param lines what the list says
   * @param give false = only show what would come of it
   */
  @Transactional
  public SetsView byList(long batchId, List<SetList.Line> lines, boolean give) {
    SetList list = new SetList(lines);
    Function<Photo, SetPlace> set =
        photo -> list.of(photo.fileName()).map(line -> placeOf(line, photo)).orElse(photo.set());
    List<Photo> all = all(batchId);
    all.forEach(set::apply);
    SetsView view = describe(all, set, null, list.unused());
    if (give) {
      give(batchId, set);
      all.forEach(photo -> list.of(photo.fileName()).ifPresent(line -> say(photo, line)));
    }
    return view;
  }

  /** A list without codes and groups leaves those that a picture has. */
  private static SetPlace placeOf(SetList.Line line, Photo photo) {
    return line.place().equals(SetPlace.NONE) ? photo.set() : line.place();
  }

  private void say(Photo photo, SetList.Line line) {
    if (!line.columns().isEmpty() && !line.columns().equals(photo.dress().listColumns())) {
      photo.dress().sayOfList(line.columns());
      events.changed(photo.batchId(), photo.id());
    }
  }

  /** The pattern that later pictures are read by, and what pictures have now. */
  @Transactional(readOnly = true)
  public PatternData pattern(long batchId) {
    return batches.require(batchId).namePattern().map(PatternData::of).orElse(null);
  }

  private List<Photo> all(long batchId) {
    batches.require(batchId);
    return photos.findByBatchIdAndRemovedAtIsNullOrderByPlace(batchId);
  }

  private void give(long batchId, Function<Photo, SetPlace> set) {
    for (Photo photo : all(batchId)) {
      SetPlace place = set.apply(photo);
      if (!place.equals(photo.set())) {
        photo.belong(place);
        events.changed(batchId, photo.id());
      }
    }
  }

  private static SetsView describe(
      List<Photo> all, Function<Photo, SetPlace> set, NamePattern pattern, List<String> unmatched) {
    Map<String, Integer> groups = new LinkedHashMap<>();
    Set<String> codes = new HashSet<>();
    int withCode = 0;
    int changed = 0;
    List<SetsView.Example> examples = new ArrayList<>();
    Set<String> shapes = new HashSet<>();
    for (Photo photo : all) {
      SetPlace place = set.apply(photo);
      withCode += place.code() == null ? 0 : 1;
      changed += place.equals(photo.set()) ? 0 : 1;
      if (place.code() != null) {
        codes.add(place.code());
      }
      if (place.group() != null) {
        groups.merge(place.group(), 1, Integer::sum);
      }
      List<String> parts = pattern == null ? List.of() : pattern.partsOf(photo.fileName());
      // One of every shape of name first, so that the odd one among thousands is seen.
      boolean newShape = shapes.add(parts.size() + "," + (place.code() == null));
      if (newShape || examples.size() < EXAMPLES / 2) {
        examples.add(
            new SetsView.Example(
                photo.id(), photo.folder(), photo.fileName(), parts, place.code(), place.group()));
      }
    }
    return new SetsView(
        all.size(),
        withCode,
        codes.size(),
        groups.entrySet().stream()
            .sorted(Map.Entry.<String, Integer>comparingByValue(Comparator.reverseOrder()))
            .limit(GROUPS)
            .map(group -> new SetsView.GroupCount(group.getKey(), group.getValue()))
            .toList(),
        changed,
        examples.stream().limit(EXAMPLES).toList(),
        unmatched.stream().limit(EXAMPLES).toList(),
        unmatched.size());
  }
}

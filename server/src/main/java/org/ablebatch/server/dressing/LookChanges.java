package org.ablebatch.server.dressing;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.ablebatch.codec.look.LookFile;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.look.Part;
import org.ablebatch.server.picture.Photo;
import org.ablebatch.server.picture.PhotoRepository;
import org.ablebatch.server.problem.Conflict;
import org.ablebatch.server.problem.NotFound;
import org.ablebatch.server.progress.BatchEvents;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Keeps what single pictures do otherwise than their look. */
@Service
class LookChanges {
  private static final JsonMapper JSON = new JsonMapper();

  private final PhotoRepository photos;
  private final BatchEvents events;

  LookChanges(PhotoRepository photos, BatchEvents events) {
    this.photos = photos;
    this.events = events;
  }

  @Transactional(readOnly = true)
  public JsonNode of(long photoId) {
    return json(require(photoId).dress().lookChanges());
  }

  static JsonNode json(List<Part> changes) {
    return JSON.readTree(changes.isEmpty() ? "[]" : LookFile.partsOf(new Look(changes)));
  }

  @Transactional
  public void set(long photoId, String parts) {
    List<Part> changes = LookFile.ofParts(parts).parts();
    Photo photo = photos.lock(photoId).orElseThrow(() -> new NotFound("picture", photoId));
    photo.dress().changeLook(changes);
    events.changed(photo.batchId(), photoId);
  }

  /**
   * One more part that the picture does otherwise.
   *
   * @return what it did otherwise before
   */
  @Transactional
  public JsonNode add(long photoId, Part part) {
    Photo photo = photos.lock(photoId).orElseThrow(() -> new NotFound("picture", photoId));
    JsonNode before = json(photo.dress().lookChanges());
    List<Part> changes = new ArrayList<>(photo.dress().lookChanges());
    changes.removeIf(known -> known.id().equals(part.id()));
    changes.add(part);
    photo.dress().changeLook(changes);
    events.changed(photo.batchId(), photoId);
    return before;
  }

  /**
   * @return how many other pictures have them now
   * @throws Conflict when it belongs to no group
   */
  @Transactional
  public int copyToGroup(long photoId) {
    Photo from = require(photoId);
    if (from.group() == null) {
      throw new Conflict("This picture belongs to no group. Give groups in Intake, then copy.");
    }
    List<Photo> others =
        photos.findByBatchIdAndRemovedAtIsNullOrderByPlace(from.batchId()).stream()
            .filter(photo -> Objects.equals(photo.group(), from.group()))
            .filter(photo -> !photo.id().equals(photoId))
            .toList();
    for (Photo other : others) {
      other.dress().changeLook(from.dress().lookChanges());
      events.changed(from.batchId(), other.id());
    }
    return others.size();
  }

  private Photo require(long id) {
    return photos.findById(id).orElseThrow(() -> new NotFound("picture", id));
  }
}

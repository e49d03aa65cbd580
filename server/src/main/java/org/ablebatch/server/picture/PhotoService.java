package org.ablebatch.server.picture;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.Set;
import org.ablebatch.core.line.PictureState;
import org.ablebatch.server.problem.BadInput;
import org.ablebatch.server.problem.Conflict;
import org.ablebatch.server.problem.NotFound;
import org.ablebatch.server.progress.BatchEvents;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finds pictures and their versions. */
@Service
public class PhotoService {
  private static final int LARGEST_PAGE = 1000;

  private final PhotoRepository photos;
  private final CutoutVersionRepository versions;
  private final BatchEvents events;

  PhotoService(PhotoRepository photos, CutoutVersionRepository versions, BatchEvents events) {
    this.photos = photos;
    this.versions = versions;
    this.events = events;
  }

  /**
   * @param sort {@code place} or {@code risk}, the least confident first
   * @param states wire names, separated by commas; null = all
   */
  @Transactional(readOnly = true)
  PageView page(long batchId, int page, int size, String sort, String states) {
    if (page < 0 || size < 1 || size > LARGEST_PAGE) {
      throw new BadInput("size", "A page has 1 to " + LARGEST_PAGE + " pictures, from page 0 on");
    }
    Set<PictureState> wanted = EnumSet.allOf(PictureState.class);
    if (states != null && !states.isBlank()) {
      wanted.retainAll(Arrays.stream(states.split(",")).map(PictureState::ofWireName).toList());
    }
    PageRequest request = PageRequest.of(page, size, order(sort));
    Page<PhotoRow> rows = photos.rows(batchId, states == null || states.isBlank(), wanted, request);
    return new PageView(
        rows.getContent().stream().map(PhotoRow::view).toList(),
        page,
        size,
        rows.getTotalElements());
  }

  private static Sort order(String sort) {
    return switch (sort) {
      case "place" -> Sort.by("place");
      case "risk" -> Sort.by("v.confidence").and(Sort.by("place"));
      default -> throw new BadInput("sort", "Pictures are sorted by place or risk");
    };
  }

  @Transactional(readOnly = true)
  public PhotoRow row(long id) {
    return photos.row(id).orElseThrow(() -> new NotFound("picture", id));
  }

  @Transactional(readOnly = true)
  public CutoutVersion version(long id) {
    return versions.findById(id).orElseThrow(() -> new NotFound("version", id));
  }

  /** The picture, with its row locked until the transaction ends. */
  @Transactional
  public Photo lock(long id) {
    return photos.lock(id).orElseThrow(() -> new NotFound("picture", id));
  }

  /** Takes a picture out of the cutting: it goes on as it is. */
  @Transactional
  public PictureView leaveWhole(long id) {
    Photo photo = lock(id);
    if (photo.state() == PictureState.CUTTING) {
      throw new Conflict("This picture is being cut right now; leave it whole when it is done.");
    }
    photo.moveTo(PictureState.LEFT_WHOLE);
    events.changed(photo.batchId(), id);
    photos.flush();
    return row(id).view();
  }
}

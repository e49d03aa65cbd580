package org.ablebatch.server.picture;

import java.util.Arrays;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.ablebatch.core.dress.SubjectMeasures;
import org.ablebatch.core.finding.Finding;
import org.ablebatch.core.line.PictureState;
import org.ablebatch.server.problem.BadInput;
import org.ablebatch.server.problem.Choice;
import org.ablebatch.server.problem.NotFound;
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
  private final TicketFindings ticket;

  PhotoService(PhotoRepository photos, CutoutVersionRepository versions, TicketFindings ticket) {
    this.photos = photos;
    this.versions = versions;
    this.ticket = ticket;
  }

  /**
   * @param sort {@code place} or {@code risk}, the least confident first
   * @param states wire names, separated by commas; null = all
   */
  @Transactional(readOnly = true)
  PageView page(long batchId, int page, int size, String sort, String states) {
    if (page < 0) {
      throw BadInput.expected("page", "0 or more", page);
    }
    if (size < 1 || size > LARGEST_PAGE) {
      throw BadInput.expected("size", "1 to " + LARGEST_PAGE, size);
    }
    Set<PictureState> wanted = EnumSet.allOf(PictureState.class);
    if (states != null && !states.isBlank()) {
      wanted.retainAll(Arrays.stream(states.split(",")).map(PhotoService::state).toList());
    }
    PageRequest request = PageRequest.of(page, size, order(sort));
    Page<PhotoRow> rows = photos.rows(batchId, states == null || states.isBlank(), wanted, request);
    return new PageView(views(batchId, rows.getContent()), page, size, rows.getTotalElements());
  }

  private static PictureState state(String name) {
    return Choice.of("state", List.of(PictureState.values()), PictureState::wireName, name);
  }

  /** Those of these pictures that are in the batch, in its order; removed ones are left out. */
  @Transactional(readOnly = true)
  PageView some(long batchId, Collection<Long> ids) {
    if (ids.size() > LARGEST_PAGE) {
      throw BadInput.expected("ids", "at most " + LARGEST_PAGE + " at once", ids.size());
    }
    List<PhotoRow> rows =
        ids.isEmpty()
            ? List.of()
            : photos.rowsOf(batchId, ids).stream().filter(r -> !r.photo().isRemoved()).toList();
    return new PageView(views(batchId, rows), 0, LARGEST_PAGE, rows.size());
  }

  @Transactional(readOnly = true)
  List<PictureView> removed(long batchId) {
    Function<SubjectMeasures, List<Finding>> ofTicket = ticket.of(batchId);
    return photos.removedRows(batchId).stream().map(row -> row.view(null, ofTicket)).toList();
  }

  /** With two queries more for all of them, not two each. */
  private List<PictureView> views(long batchId, List<PhotoRow> rows) {
    if (rows.isEmpty()) {
      return List.of();
    }
    List<Long> ids = rows.stream().map(row -> row.photo().id()).toList();
    Map<Long, Long> twins =
        photos.twins(batchId, ids).stream()
            .collect(Collectors.toMap(PhotoRepository.Twin::id, PhotoRepository.Twin::of));
    Function<SubjectMeasures, List<Finding>> ofTicket = ticket.of(batchId);
    return rows.stream().map(row -> row.view(twins.get(row.photo().id()), ofTicket)).toList();
  }

  private static Sort order(String sort) {
    return switch (sort) {
      case "place" -> Sort.by("place");
      case "risk" -> Sort.by("v.confidence").and(Sort.by("place"));
      default -> throw BadInput.expected("sort", "place or risk", sort);
    };
  }

  @Transactional(readOnly = true)
  public PictureView view(long id) {
    PhotoRow row = row(id);
    return row.view(null, ticket.of(row.photo().batchId()));
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
}

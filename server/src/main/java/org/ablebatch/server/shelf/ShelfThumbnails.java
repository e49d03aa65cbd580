package org.ablebatch.server.shelf;

import java.util.Collection;
import java.util.Deque;
import java.util.concurrent.ConcurrentLinkedDeque;
import org.ablebatch.core.cut.CutProgress;
import org.ablebatch.server.cutting.BackgroundWork;
import org.ablebatch.server.cutting.Patience;
import org.ablebatch.server.storage.StorageFailed;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/**
 * Small pictures of what has just come onto the shelf, made while nothing else waits, so that
 * whoever opens the shelf need not wait for them. What a stop forgets is made when somebody looks.
 */
@Component
@Order(3)
class ShelfThumbnails implements BackgroundWork {
  /** Nobody scrolls further than this before she searches. */
  private static final int MOST = 1_000;

  private static final Logger LOG = LoggerFactory.getLogger(ShelfThumbnails.class);

  private final ShelfFileRepository shelf;
  private final ShelfPictures pictures;
  private final Patience patience;
  private final Deque<Long> wanted = new ConcurrentLinkedDeque<>();

  ShelfThumbnails(ShelfFileRepository shelf, ShelfPictures pictures, Patience patience) {
    this.shelf = shelf;
    this.pictures = pictures;
    this.patience = patience;
  }

  /**
   * @param files by their numbers, the first that is shown last
   */
  void want(Collection<Long> files) {
    files.forEach(wanted::addFirst);
    for (int tooMany = wanted.size() - MOST; tooMany > 0; tooMany--) {
      wanted.pollLast();
    }
  }

  @Override
  public boolean runNext(CutProgress goesOn) {
    Long next = wanted.pollFirst();
    if (next == null) {
      return false;
    }
    try {
      patience
          .inTransaction(() -> shelf.findById(next))
          .filter(file -> file.thumbnailBlob() == null)
          .ifPresent(pictures::thumbnail);
    } catch (StorageFailed e) {
      if (!e.isLasting()) {
        wanted.addFirst(next);
        throw e;
      }
      LOG.warn("file {} of the shelf has no small picture: {}", next, e.getMessage());
    }
    return true;
  }
}

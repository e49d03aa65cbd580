package org.ablebatch.server.touchup;

import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.ablebatch.core.cut.CutProgress;
import org.ablebatch.core.line.PictureState;
import org.ablebatch.server.cutting.BackgroundWork;
import org.ablebatch.server.cutting.Patience;
import org.ablebatch.server.picture.PhotoRepository;
import org.ablebatch.server.storage.StorageFailed;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.annotation.Order;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;

/**
 * Draws pictures that wait in Check with edits that no version shows yet: they came from the bench,
 * or their group was given other edges. Pictures on the bench are drawn when somebody needs the
 * result.
 */
@Component
@Order(0)
class MendJob implements BackgroundWork {
  private static final int LOOKED_AT = 20;
  private static final Logger LOG = LoggerFactory.getLogger(MendJob.class);

  private final TouchUpService touchUp;
  private final PhotoRepository photos;
  private final Patience patience;
  private final Set<Long> inWork = ConcurrentHashMap.newKeySet();

  /** What can't be drawn must not stand in the way of others; the next start tries again. */
  private final Set<Long> givenUp = ConcurrentHashMap.newKeySet();

  MendJob(TouchUpService touchUp, PhotoRepository photos, Patience patience) {
    this.touchUp = touchUp;
    this.photos = photos;
    this.patience = patience;
  }

  @Override
  public boolean runNext(CutProgress goesOn) {
    Set<Long> notThese = givenUp.isEmpty() ? Set.of(0L) : Set.copyOf(givenUp);
    for (long id :
        patience.inTransaction(
            () -> photos.toMend(PictureState.TO_CHECK, notThese, Limit.of(LOOKED_AT)))) {
      if (inWork.add(id)) {
        try {
          mend(id);
        } finally {
          inWork.remove(id);
        }
        return true;
      }
    }
    return false;
  }

  private void mend(long id) {
    try {
      patience.inTransaction(
          () -> {
            touchUp.render(id);
            return null;
          });
    } catch (StorageFailed e) {
      if (!e.isLasting()) {
        throw e;
      }
      giveUp(id, e);
    } catch (RuntimeException | OutOfMemoryError e) {
      giveUp(id, e);
    }
  }

  private void giveUp(long id, Throwable because) {
    givenUp.add(id);
    LOG.error("the edits of picture {} can’t be drawn", id, because);
  }
}

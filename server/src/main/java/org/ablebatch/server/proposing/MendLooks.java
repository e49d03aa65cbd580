package org.ablebatch.server.proposing;

import java.util.LinkedHashMap;
import java.util.Map;
import org.ablebatch.core.finding.Finding;
import org.ablebatch.core.mend.Edit;
import org.ablebatch.core.mend.NothingThere;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.server.bench.Bench;
import org.ablebatch.server.editing.EditReading;
import org.ablebatch.server.picture.PhotoService;
import org.ablebatch.server.problem.Conflict;
import org.ablebatch.server.touchup.TouchUpService;
import org.springframework.stereotype.Component;

/** How the place of a finding looks, and how it would look mended. */
@Component
class MendLooks {
  private static final int LONG_SIDE_PX = 220;

  /** So much of its surroundings is shown, as a share of the place. */
  private static final double AROUND = 0.35;

  private static final int LEAST_AROUND_PX = 16;

  private static final int REMEMBERED = 2;

  private final Map<Long, Bench> lately =
      new LinkedHashMap<>(4, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Long, Bench> eldest) {
          return size() > REMEMBERED;
        }
      };

  private final MendService mends;
  private final TouchUpService touchUp;
  private final PhotoService photos;

  MendLooks(MendService mends, TouchUpService touchUp, PhotoService photos) {
    this.mends = mends;
    this.touchUp = touchUp;
    this.photos = photos;
  }

  Picture of(long photoId, long versionId, int finding, boolean mended) {
    Edit edit = EditReading.edit(mends.mend(photoId, versionId, finding).edit());
    Finding one = photos.version(versionId).findings().get(finding);
    Bench bench = bench(photoId, versionId);
    Rect part = around(one.box()).intersect(bench.original().bounds());
    try {
      return mended ? bench.lookAfter(edit, part, LONG_SIDE_PX) : bench.look(part, LONG_SIDE_PX);
    } catch (NothingThere e) {
      throw new Conflict(e.getMessage() + ".");
    }
  }

  /** Several looks at one picture come one after the other. */
  private Bench bench(long photoId, long versionId) {
    synchronized (lately) {
      return lately.computeIfAbsent(versionId, id -> touchUp.benchAside(photoId));
    }
  }

  private static Rect around(Rect box) {
    return box.grow((int) Math.max(LEAST_AROUND_PX, AROUND * Math.max(box.width(), box.height())));
  }
}

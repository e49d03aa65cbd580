package org.ablebatch.server.inspecting;

import java.util.List;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.ablebatch.core.cut.CutProgress;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.finding.Expectations;
import org.ablebatch.core.finding.PhotographReading;
import org.ablebatch.core.line.PictureState;
import org.ablebatch.core.mend.HintEdit;
import org.ablebatch.core.proposal.Examined;
import org.ablebatch.core.proposal.Examiner;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.server.cutting.BackgroundWork;
import org.ablebatch.server.cutting.Patience;
import org.ablebatch.server.cutting.SecondOpinions;
import org.ablebatch.server.picture.CutoutFiles;
import org.ablebatch.server.picture.CutoutVersion;
import org.ablebatch.server.picture.CutoutVersion.Maker;
import org.ablebatch.server.picture.CutoutVersionRepository;
import org.ablebatch.server.picture.PhotoRepository;
import org.ablebatch.server.progress.BatchEvents;
import org.ablebatch.server.storage.StorageFailed;
import org.ablebatch.server.touchup.EditBook;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.annotation.Order;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;

/**
 * Looks over what came to Check without findings: mended by hand, merged, or of earlier times.
 * Twice the same is no harm: the same version gives the same findings.
 */
@Component
@Order(0)
class InspectJob implements BackgroundWork {
  private static final int LOOKED_AT = 20;
  private static final Logger LOG = LoggerFactory.getLogger(InspectJob.class);

  private final SecondOpinions opinions;
  private final Examiner examiner;
  private final EditBook edits;
  private final CutoutVersionRepository versions;
  private final PhotoRepository photos;
  private final CutoutFiles files;
  private final BatchEvents events;
  private final Patience patience;
  private final Set<Long> inWork = ConcurrentHashMap.newKeySet();

  InspectJob(
      SecondOpinions opinions,
      Examiner examiner,
      EditBook edits,
      CutoutVersionRepository versions,
      PhotoRepository photos,
      CutoutFiles files,
      BatchEvents events,
      Patience patience) {
    this.opinions = opinions;
    this.examiner = examiner;
    this.edits = edits;
    this.versions = versions;
    this.photos = photos;
    this.files = files;
    this.events = events;
    this.patience = patience;
  }

  @Override
  public boolean runNext(CutProgress goesOn) {
    for (long id :
        patience.inTransaction(
            () -> versions.toInspect(PictureState.TO_CHECK, Limit.of(LOOKED_AT)))) {
      if (inWork.add(id)) {
        try {
          inspect(id);
        } finally {
          inWork.remove(id);
        }
        return true;
      }
    }
    return false;
  }

  private void inspect(long id) {
    CutoutVersion version = patience.inTransaction(() -> versions.findById(id).orElse(null));
    if (version == null || version.isInspected()) {
      return;
    }
    List<Examined> found = found(version);
    patience.inTransaction(
        () -> {
          versions.findById(id).orElseThrow().inspected(found);
          photos
              .findById(version.photoId())
              .ifPresent(photo -> events.changed(photo.batchId(), photo.id()));
          return null;
        });
  }

  private List<HintEdit> said(CutoutVersion version) {
    return version.maker() == Maker.HAND
        ? patience.inTransaction(() -> edits.said(version.photoId()))
        : List.of();
  }

  /** What can't be read can't be inspected either; it must not stand in the way of others. */
  private List<Examined> found(CutoutVersion version) {
    try {
      Picture original = files.original(version);
      return examiner.examine(
          PhotographReading.of(original),
          files.cutout(original, version),
          Expectations.of(Method.ofWireName(version.method())),
          opinions.of(version, original),
          said(version));
    } catch (StorageFailed e) {
      if (!e.isLasting()) {
        throw e;
      }
      LOG.error("version {} can’t be inspected", version.id(), e);
    } catch (RuntimeException | OutOfMemoryError e) {
      LOG.error("inspecting version {} failed", version.id(), e);
    }
    return List.of();
  }
}

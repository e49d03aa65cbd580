package org.ablebatch.server.comparing;

import java.time.Clock;
import java.util.List;
import java.util.Locale;
import org.ablebatch.core.compare.Comparison;
import org.ablebatch.core.compare.Merge;
import org.ablebatch.core.cut.CutProgress;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.finding.Finding;
import org.ablebatch.core.line.PictureState;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.server.batch.Batch;
import org.ablebatch.server.batch.BatchService;
import org.ablebatch.server.batch.Methods;
import org.ablebatch.server.comparing.VersionViews.ChooseRequest;
import org.ablebatch.server.comparing.VersionViews.ComparisonView;
import org.ablebatch.server.comparing.VersionViews.RegionView;
import org.ablebatch.server.comparing.VersionViews.TakeRequest;
import org.ablebatch.server.comparing.VersionViews.VersionView;
import org.ablebatch.server.cutting.CutKey;
import org.ablebatch.server.cutting.CutWork;
import org.ablebatch.server.picture.CutoutFiles;
import org.ablebatch.server.picture.CutoutVersion;
import org.ablebatch.server.picture.CutoutVersionRepository;
import org.ablebatch.server.picture.Photo;
import org.ablebatch.server.picture.PhotoRepository;
import org.ablebatch.server.picture.PhotoService;
import org.ablebatch.server.picture.PictureView;
import org.ablebatch.server.picture.SavedCutout;
import org.ablebatch.server.problem.BadInput;
import org.ablebatch.server.problem.Conflict;
import org.ablebatch.server.problem.NotFound;
import org.ablebatch.server.progress.BatchEvents;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Lists, compares, chooses and merges the versions of a picture. */
@Service
class VersionService {
  private final PhotoService photoService;
  private final PhotoRepository photos;
  private final CutoutVersionRepository versions;
  private final CutoutFiles files;
  private final CutWork work;
  private final BatchService batches;
  private final Object oneAtATime = new Object();
  private final BatchEvents events;
  private final TransactionTemplate transaction;
  private final Clock clock;

  VersionService(
      PhotoService photoService,
      PhotoRepository photos,
      CutoutVersionRepository versions,
      CutoutFiles files,
      CutWork work,
      BatchService batches,
      BatchEvents events,
      TransactionTemplate transaction,
      Clock clock) {
    this.photoService = photoService;
    this.photos = photos;
    this.versions = versions;
    this.files = files;
    this.work = work;
    this.batches = batches;
    this.events = events;
    this.transaction = transaction;
    this.clock = clock;
  }

  @Transactional(readOnly = true)
  public List<VersionView> list(long photoId) {
    Photo photo = photoService.row(photoId).photo();
    return versions.findByPhotoIdOrderByNumber(photoId).stream()
        .filter(version -> version.isOf(photo))
        .map(version -> view(version, photo))
        .toList();
  }

  private static VersionView view(CutoutVersion version, Photo photo) {
    return new VersionView(
        version.id(),
        version.number(),
        version.maker().name().toLowerCase(Locale.ROOT),
        version.method(),
        version.confidence(),
        version.id().equals(photo.shown().versionId()),
        version.findings().stream()
            .filter(Finding::isSerious)
            .findFirst()
            .map(finding -> finding.kind().label())
            .orElse(null),
        version.tellTale(),
        version.createdAt());
  }

  /** Pixels are computed outside of any transaction. */
  ComparisonView compare(long photoId, long first, long second) {
    CutoutVersion a = version(photoId, first);
    CutoutVersion b = version(photoId, second);
    Picture original = files.original(a);
    Comparison found = Comparison.of(files.cutout(original, a), files.cutout(original, b));
    return new ComparisonView(
        found.meanDifference(),
        found.share(),
        found.regions().stream()
            .map(
                region ->
                    new RegionView(
                        region.box().x(),
                        region.box().y(),
                        region.box().width(),
                        region.box().height(),
                        region.area(),
                        region.difference(),
                        region.firstKeepsMore()))
            .toList());
  }

  private CutoutVersion version(long photoId, long versionId) {
    Photo photo = photoService.row(photoId).photo();
    CutoutVersion version = photoService.version(versionId);
    if (version.photoId() != photoId || !version.isOf(photo)) {
      throw new NotFound("version of this photograph with number", versionId);
    }
    return version;
  }

  @Transactional
  public PictureView choose(long photoId, ChooseRequest request) {
    if (request.versionId() == null) {
      throw BadInput.expected("versionId", "the number of a version", null);
    }
    CutoutVersion version = version(photoId, request.versionId());
    Photo photo = photoService.lock(photoId);
    if (request.revision() != null && request.revision() != photo.revision()) {
      throw changed(photo);
    }
    return show(photo, version);
  }

  private static Conflict changed(Photo photo) {
    return new Conflict(
        "“%s” has changed since you opened it, so nothing was chosen; look again."
            .formatted(photo.fileName()));
  }

  private PictureView show(Photo photo, CutoutVersion version) {
    if (photo.state() == PictureState.CUTTING || photo.isQueued()) {
      throw new Conflict("“" + photo.fileName() + "” is being cut; choose when that is done.");
    }
    if (photo.shown().lacksEdits()) {
      throw new Conflict(
          "“%s” has strokes on the bench that no version shows yet; finish those first."
              .formatted(photo.fileName()));
    }
    if (photo.state() != PictureState.TO_CHECK) {
      photo.moveTo(PictureState.TO_CHECK);
    }
    photo.shown().replaceWith(version);
    photos.flush();
    events.changed(photo.batchId(), photo.id());
    return photoService.view(photo.id());
  }

  /**
   * @throws Conflict when the picture was cut or mended meanwhile, or the version to take into has
   *     made room for another; nothing is made then
   */
  PictureView take(long photoId, TakeRequest request) {
    Rect box = box(request);
    CutoutVersion into = version(photoId, request.into());
    CutoutVersion from = version(photoId, request.from());
    Photo seen = photoService.row(photoId).photo();
    if (!into.id().equals(seen.shown().versionId())) {
      throw changed(seen);
    }
    long revision = seen.revision();
    Picture original = files.original(into);
    Cutout merged = Merge.take(files.cutout(original, into), files.cutout(original, from), box);
    SavedCutout saved = files.save(original, merged);
    return transaction.execute(
        status -> {
          Photo photo = photoService.lock(photoId);
          if (photo.revision() != revision) {
            throw changed(photo);
          }
          int number = versions.lastNumber(photoId) + 1;
          return show(
              photo, versions.save(CutoutVersion.merged(into, number, saved, clock.instant())));
        });
  }

  /**
   * Cuts the picture by a method once more, beside what is there; the version in use stays.
   * Somebody is waiting in front of the screen, so this is done at once, one picture at a time.
   *
   * @throws Conflict with a sentence when nothing came of it
   */
  VersionView cutBeside(long photoId, String wireName) {
    Method method = Methods.choosable(wireName);
    Photo photo = photoService.row(photoId).photo();
    Batch batch = batches.require(photo.batchId());
    CutoutVersion.Asked asked = CutKey.of(photo, batch, method, photo.guidance());
    CutoutVersion known =
        versions
            .findFirstByPhotoIdAndAskedMethodAndSourceKey(
                photoId, asked.method(), asked.sourceKey())
            .orElse(null);
    if (known != null) {
      return view(known, photo);
    }
    synchronized (oneAtATime) {
      CutWork.Result result = work.cut(photo, batch, method, photo.guidance(), CutProgress.NONE);
      if (result instanceof CutWork.Result.Failed failed) {
        throw new Conflict(failed.sentence() + ".");
      }
      CutWork.Result.Saved saved = (CutWork.Result.Saved) result;
      return transaction.execute(
          status -> {
            photoService.lock(photoId);
            int number = versions.lastNumber(photoId) + 1;
            return view(versions.save(saved.version(photo, number, clock.instant())), photo);
          });
    }
  }

  private static Rect box(TakeRequest request) {
    required("into", "the number of a version", request.into());
    required("from", "the number of a version", request.from());
    return new Rect(
        required("x", "a place in pixels", request.x()),
        required("y", "a place in pixels", request.y()),
        positive("width", request.width()),
        positive("height", request.height()));
  }

  private static int positive(String field, Integer px) {
    if (px == null || px < 1) {
      throw BadInput.expected(field, "1 pixel or more", px);
    }
    return px;
  }

  private static <T> T required(String field, String expected, T value) {
    if (value == null) {
      throw BadInput.expected(field, expected, null);
    }
    return value;
  }
}

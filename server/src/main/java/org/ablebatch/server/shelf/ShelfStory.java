package org.ablebatch.server.shelf;

import java.util.List;
import org.ablebatch.server.checking.Passings;
import org.ablebatch.server.delivery.FinishedFile;
import org.ablebatch.server.delivery.FinishedFiles;
import org.ablebatch.server.picture.CutoutVersion;
import org.ablebatch.server.picture.Photo;
import org.ablebatch.server.picture.PhotoService;
import org.ablebatch.server.problem.NotFound;
import org.ablebatch.server.shelf.ShelfViews.DeliveredView;
import org.ablebatch.server.shelf.ShelfViews.OriginalView;
import org.ablebatch.server.shelf.ShelfViews.PassedView;
import org.ablebatch.server.shelf.ShelfViews.StoryView;
import org.ablebatch.server.shelf.ShelfViews.VersionView;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Tells where a file comes from and where it went. */
@Service
class ShelfStory {
  private final ShelfFileRepository shelf;
  private final ShelfSearch search;
  private final FinishedFiles finished;
  private final PhotoService photos;
  private final Passings passings;

  ShelfStory(
      ShelfFileRepository shelf,
      ShelfSearch search,
      FinishedFiles finished,
      PhotoService photos,
      Passings passings) {
    this.shelf = shelf;
    this.search = search;
    this.finished = finished;
    this.photos = photos;
    this.passings = passings;
  }

  /**
   * @throws NotFound when it is not on the shelf
   */
  @Transactional(readOnly = true)
  public ShelfFile require(long id) {
    return shelf.findById(id).orElseThrow(() -> new NotFound("file", id));
  }

  @Transactional(readOnly = true)
  public StoryView of(long id) {
    ShelfFile file = require(id);
    FinishedFile made = finished.file(file.fileId());
    Photo photo = photos.row(file.photoId()).photo();
    CutoutVersion version = made.versionId() == null ? null : photos.version(made.versionId());
    List<DeliveredView> deliveries =
        finished.ofPicture(file.photoId()).stream()
            .filter(other -> other.spec().name().equals(file.spec()))
            .map(
                other ->
                    new DeliveredView(
                        other.deliveryId(),
                        other.at(),
                        other.name(),
                        other.change(),
                        other.blobId().equals(file.blobId())))
            .toList();
    return new StoryView(
        search.view(file),
        file.blobId(),
        made.quality(),
        made.likeness(),
        made.spec(),
        made.lookNumber(),
        new OriginalView(
            photo.fileName(),
            photo.originalBlob(),
            photo.originalBytes(),
            photo.wholeFrame().width(),
            photo.wholeFrame().height(),
            photo.createdAt()),
        version == null ? null : view(version),
        passings
            .last(file.photoId(), made.versionId(), made.at())
            .map(passing -> new PassedView(passing.at(), passing.together()))
            .orElse(null),
        deliveries);
  }

  private static VersionView view(CutoutVersion version) {
    return new VersionView(
        version.number(),
        version.method(),
        version.reason(),
        version.confidence(),
        version.maker() == CutoutVersion.Maker.HAND,
        version.createdAt());
  }
}

package org.ablebatch.server.touchup;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import org.ablebatch.core.line.PictureState;
import org.ablebatch.server.editing.EditData;
import org.ablebatch.server.editing.EditReading;
import org.ablebatch.server.picture.PhotoRepository;
import org.ablebatch.server.picture.PhotoRepository.Sibling;
import org.ablebatch.server.picture.PhotoRow;
import org.ablebatch.server.picture.PhotoService;
import org.ablebatch.server.problem.BadInput;
import org.ablebatch.server.progress.BatchEvents;
import org.springframework.stereotype.Service;

/**
 * One setting of the outline for all pictures of a group. Each picture keeps it as an edit of its
 * own, under the key that all of them share; {@link MendJob} draws those that wait in Check.
 */
@Service
class GroupEdits {
  private final EditBook book;
  private final EditRepository edits;
  private final PhotoService photoService;
  private final PhotoRepository photos;
  private final BatchEvents events;

  GroupEdits(
      EditBook book,
      EditRepository edits,
      PhotoService photoService,
      PhotoRepository photos,
      BatchEvents events) {
    this.book = book;
    this.edits = edits;
    this.photoService = photoService;
    this.photos = photos;
    this.events = events;
  }

  /**
   * How far an edit reached.
   *
   * @param clientKey takes it back everywhere
   * @param onBench pictures in touch-up that have it now
   * @param inCheck pictures that wait in Check and have it now
   * @param left judged or being cut; they stay as they are
   */
  @Schema(name = "GroupReach")
  record Reach(String clientKey, int onBench, int inCheck, int left) {}

  /**
   * Gives an outline's settings to every other picture of a picture's group. Without a group these
   * are the others of the batch that have none. The same key twice is done once.
   */
  Reach spread(long photoId, String clientKey, EditData data) {
    if (!EditReading.EDGE.equals(data.kind()) || data.within() != null) {
      throw new BadInput("edit", "Only settings of the whole outline go to other pictures");
    }
    EditReading.edit(data);
    PhotoRow from = photoService.row(photoId);
    List<Sibling> done = new ArrayList<>();
    List<Sibling> siblings = siblings(from);
    for (Sibling sibling : siblings) {
      boolean reached =
          EditBook.GROUP_REACHES.contains(sibling.state())
              && book.addIfOpen(sibling.id(), clientKey, data);
      if (reached) {
        done.add(sibling);
        events.changed(from.photo().batchId(), sibling.id());
      }
    }
    return reach(clientKey, done, siblings.size());
  }

  /** Takes it out of every other picture of the group that nobody judged meanwhile. */
  Reach takeBack(long photoId, String clientKey) {
    PhotoRow from = photoService.row(photoId);
    List<Sibling> siblings = edits.siblingsWith(from.photo().batchId(), photoId, clientKey);
    List<Sibling> done = new ArrayList<>();
    for (Sibling sibling : siblings) {
      if (book.removeIfOpen(sibling.id(), clientKey)) {
        done.add(sibling);
        events.changed(from.photo().batchId(), sibling.id());
      }
    }
    return reach(clientKey, done, siblings.size());
  }

  private List<Sibling> siblings(PhotoRow from) {
    return photos.siblings(from.photo().batchId(), from.photo().id(), from.photo().group());
  }

  private static Reach reach(String clientKey, List<Sibling> done, int all) {
    int onBench =
        (int) done.stream().filter(one -> one.state() == PictureState.IN_TOUCH_UP).count();
    return new Reach(clientKey, onBench, done.size() - onBench, all - done.size());
  }
}

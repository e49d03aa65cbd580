package org.ablebatch.server.picture;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import org.ablebatch.codec.read.UnreadablePicture;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.line.ForbiddenMove;
import org.ablebatch.core.line.PictureState;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.sets.SetPlace;
import org.ablebatch.server.batch.Methods;
import org.ablebatch.server.problem.BadInput;
import org.ablebatch.server.problem.Conflict;
import org.ablebatch.server.progress.BatchEvents;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** What people do to pictures before they are cut, to one or to thousands. */
@Service
class PictureActions {
  private static final int MOST = 10_000;
  private static final int LEAST_SIDE_PX = 8;
  private static final int LONGEST_WORD = 120;

  private final PhotoRepository photos;
  private final PhotoService photoService;
  private final FileReading reading;
  private final RenditionKeeper renditions;
  private final BatchEvents events;
  private final TransactionTemplate transaction;
  private final Clock clock;

  PictureActions(
      PhotoRepository photos,
      PhotoService photoService,
      FileReading reading,
      RenditionKeeper renditions,
      BatchEvents events,
      TransactionTemplate transaction,
      Clock clock) {
    this.photos = photos;
    this.photoService = photoService;
    this.reading = reading;
    this.renditions = renditions;
    this.events = events;
    this.transaction = transaction;
    this.clock = clock;
  }

  /** Something that is done to one locked picture; throws a sentence where it can't be done. */
  private interface Act {
    void to(Photo photo);
  }

  ActResult act(long batchId, ActRequest request) {
    if (request.ids() == null || request.ids().isEmpty() || request.ids().size() > MOST) {
      throw BadInput.expected(
          "ids", "1 to 10,000 at once", request.ids() == null ? null : request.ids().size());
    }
    Act act = parse(request);
    ActResult result = transaction.execute(status -> actOnAll(batchId, request.ids(), act));
    renditions.ring();
    return result;
  }

  private ActResult actOnAll(long batchId, List<Long> ids, Act act) {
    List<Photo> found = photos.lockAll(batchId, ids);
    List<ActResult.RefusedAct> refused = new ArrayList<>();
    for (Photo photo : found) {
      try {
        act.to(photo);
        events.changed(batchId, photo.id());
      } catch (Conflict | ForbiddenMove e) {
        refused.add(new ActResult.RefusedAct(photo.id(), photo.fileName(), e.getMessage()));
      }
    }
    return new ActResult(found.size() - refused.size(), refused);
  }

  private Act parse(ActRequest request) {
    return switch (String.valueOf(request.action())) {
      case "leave-whole" -> PictureActions::leaveWhole;
      case "cut-after-all" -> PictureActions::cutAfterAll;
      case "remove" -> this::remove;
      case "bring-back" -> Photo::bringBack;
      case "crop" -> crop(request.trim());
      case "method" -> askFor(request.method());
      case "set" -> belong(request.set());
      default ->
          throw BadInput.expected(
              "action",
              "leave-whole, cut-after-all, remove, bring-back, crop, method or set",
              request.action());
    };
  }

  private static void refuseWhileCutting(Photo photo) {
    if (photo.state() == PictureState.CUTTING) {
      throw new Conflict("This picture is being cut right now; do it again when it is done.");
    }
  }

  private static void leaveWhole(Photo photo) {
    refuseWhileCutting(photo);
    if (photo.state() != PictureState.LEFT_WHOLE) {
      photo.moveTo(PictureState.LEFT_WHOLE);
    }
  }

  private static void cutAfterAll(Photo photo) {
    if (photo.state() == PictureState.LEFT_WHOLE) {
      photo.moveTo(PictureState.WAITING);
    }
  }

  private void remove(Photo photo) {
    refuseWhileCutting(photo);
    if (!photo.isRemoved()) {
      photo.remove(clock.instant());
    }
  }

  private static Act askFor(String name) {
    Method method = name == null ? null : Methods.choosable(name);
    return photo -> {
      refuseWhileCutting(photo);
      photo.askFor(method);
    };
  }

  private static Act belong(ActRequest.SetData set) {
    if (set == null) {
      throw BadInput.expected("set", "an object with code and group", null);
    }
    SetPlace place = new SetPlace(word(set.code()), word(set.group()));
    return photo -> photo.belong(place);
  }

  private static String word(String text) {
    if (text == null || text.isBlank()) {
      return null;
    }
    String clean = text.replaceAll("\\p{Cntrl}", "").strip();
    return clean.substring(0, Math.min(LONGEST_WORD, clean.length()));
  }

  private static Act crop(ActRequest.Trim trim) {
    if (trim != null
        && (Math.min(Math.min(trim.left(), trim.right()), Math.min(trim.top(), trim.bottom())) < 0
            || trim.left() + trim.right() >= 1
            || trim.top() + trim.bottom() >= 1)) {
      throw new BadInput("trim", "What is taken off at both sides must leave something between");
    }
    return photo -> {
      refuseWhileCutting(photo);
      photo.cropTo(trim == null ? null : part(photo, trim));
    };
  }

  private static Rect part(Photo photo, ActRequest.Trim trim) {
    Rect whole = photo.wholeFrame();
    int left = (int) Math.round(trim.left() * whole.width());
    int top = (int) Math.round(trim.top() * whole.height());
    int right = whole.width() - (int) Math.round(trim.right() * whole.width());
    int bottom = whole.height() - (int) Math.round(trim.bottom() * whole.height());
    Rect part = new Rect(left, top, right - left, bottom - top);
    if (Math.min(part.width(), part.height()) < LEAST_SIDE_PX) {
      throw new Conflict("So little would be left of this picture that nothing could be cut out.");
    }
    return part.equals(whole) ? null : part;
  }

  /** The bytes are read and safe in the store before the database speaks of them. */
  void swap(long photoId, byte[] bytes) {
    photoService.row(photoId);
    TakenFile taken;
    try {
      taken = reading.read(bytes);
    } catch (UnreadablePicture e) {
      throw new BadInput("file", e.getMessage() + ". The photograph was not swapped");
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new Conflict("The server is stopping; send this file again.");
    }
    transaction.executeWithoutResult(
        status -> {
          Photo photo = photoService.lock(photoId);
          refuseWhileCutting(photo);
          photo.swap(taken);
          events.changed(photo.batchId(), photoId);
        });
  }
}

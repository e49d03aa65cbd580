package org.ablebatch.server.dressing;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Duration;
import java.util.Locale;
import org.ablebatch.codec.look.LookFile;
import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.dress.Dressable;
import org.ablebatch.core.dress.Dresser;
import org.ablebatch.core.dress.Frame;
import org.ablebatch.core.dress.Standing;
import org.ablebatch.core.look.Fill;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.look.SubjectPlace;
import org.ablebatch.core.look.Tone;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.server.look.LookService;
import org.ablebatch.server.picture.PendingEdits;
import org.ablebatch.server.picture.PhotoRow;
import org.ablebatch.server.picture.PhotoService;
import org.ablebatch.server.problem.BadInput;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

@RestController
class DressingController {
  private static final int LARGEST_PREVIEW_PX = 1600;

  private final PhotoService photos;
  private final DressingService dressing;
  private final LookService looks;
  private final PendingEdits pendingEdits;

  DressingController(
      PhotoService photos, DressingService dressing, LookService looks, PendingEdits pendingEdits) {
    this.photos = photos;
    this.dressing = dressing;
    this.looks = looks;
    this.pendingEdits = pendingEdits;
  }

  /**
   * What a look makes of a picture, with the picture's own changes, for the screen.
   *
   * @param look version of a look
   * @param backdrop instead of the look's: {@code transparent} or {@code #RRGGBB}
   * @param marginPercent instead of the look's measure
   * @param v anything that changes with the look and the picture; with it the answer may be kept
   */
  @GetMapping(path = "/api/v1/pictures/{id}/dressed.png", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> dressed(
      @PathVariable long id,
      @RequestParam long look,
      @RequestParam(required = false) String backdrop,
      @RequestParam(required = false) Double marginPercent,
      @RequestParam int width,
      @RequestParam int height,
      @RequestParam(required = false) String v) {
    Look wanted = looks.version(look).look();
    if (backdrop != null) {
      wanted = wanted.withBackdrop(fill(backdrop));
    }
    if (marginPercent != null) {
      requireMargin(marginPercent);
      wanted = wanted.withMargin(marginPercent);
    }
    byte[] png = dressed(id, wanted, true, frame(width, height)).png();
    CacheControl keep =
        v == null
            ? CacheControl.noCache()
            : CacheControl.maxAge(Duration.ofDays(30)).cachePrivate();
    return ResponseEntity.ok().cacheControl(keep).body(png);
  }

  /**
   * A look that is being tried.
   *
   * @param parts as in a look file
   * @param ownChanges true = with what the picture does otherwise
   */
  @Schema(name = "LookTrial")
  record Trial(
      @NotNull @Schema(type = "array", implementation = Object.class) JsonNode parts,
      boolean ownChanges,
      int width,
      int height) {}

  /**
   * What a look that is being changed makes of a picture; nothing is saved. The header {@code
   * Subject-Box} says where the subject stands: left, top, right and bottom in percent of the
   * frame's width and height.
   */
  @PostMapping(path = "/api/v1/pictures/{id}/dressed.png", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> tried(@PathVariable long id, @Valid @RequestBody Trial trial) {
    Look look = LookFile.ofParts(trial.parts().toString());
    Frame frame = frame(trial.width(), trial.height());
    Dressed dressed = dressed(id, look, trial.ownChanges(), frame);
    return ResponseEntity.ok()
        .cacheControl(CacheControl.noStore())
        .header("Subject-Box", box(dressed.standing(), frame))
        .body(dressed.png());
  }

  private static String box(Standing s, Frame frame) {
    return String.format(
        Locale.ROOT,
        "%.3f %.3f %.3f %.3f",
        100 * s.left() / frame.width(),
        100 * s.top() / frame.height(),
        100 * s.right() / frame.width(),
        100 * s.foot() / frame.height());
  }

  /** Statistics of a picture's colours, for a look that brings others to them. */
  @GetMapping("/api/v1/pictures/{id}/tone")
  Tone.Reference tone(@PathVariable long id) {
    PhotoRow row = photos.row(id);
    return dressing.screenSize(row, false).tone().asReference(row.photo().fileName());
  }

  private record Dressed(byte[] png, Standing standing) {}

  private Dressed dressed(long id, Look look, boolean ownChanges, Frame frame) {
    pendingEdits.render(id);
    PhotoRow row = photos.row(id);
    Look effective = ownChanges ? DressingService.lookOf(look, row.photo()) : look;
    Dressable dressable = dressing.screenSize(row, effective.needsPhotograph());
    Picture picture = dressing.dress(dressable, effective, frame, false);
    return new Dressed(
        PictureWriter.quickPng(picture), Dresser.standing(dressable, effective, frame));
  }

  private static Fill fill(String backdrop) {
    try {
      return Fill.parse(backdrop);
    } catch (IllegalArgumentException e) {
      throw BadInput.expected("backdrop", "transparent or a colour such as #E9E0CE", backdrop);
    }
  }

  private static void requireMargin(double percent) {
    if (!(percent >= 0 && percent <= SubjectPlace.MOST_MARGIN)) {
      throw BadInput.expected("marginPercent", "0 to 45", percent);
    }
  }

  private static Frame frame(int width, int height) {
    requirePreviewSide("width", width);
    requirePreviewSide("height", height);
    return new Frame(width, height);
  }

  private static void requirePreviewSide(String field, int px) {
    if (px < 1 || px > LARGEST_PREVIEW_PX) {
      throw BadInput.expected(field, "1 to " + LARGEST_PREVIEW_PX + " px", px);
    }
  }
}

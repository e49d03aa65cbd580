package org.ablebatch.server.dressing;

import java.time.Duration;
import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.dress.Look;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.server.batch.BatchView.LookView;
import org.ablebatch.server.picture.PendingEdits;
import org.ablebatch.server.picture.PhotoRow;
import org.ablebatch.server.picture.PhotoService;
import org.ablebatch.server.problem.BadInput;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class DressingController {
  private static final int LARGEST_PREVIEW_PX = 1600;

  private final PhotoService photos;
  private final DressingService dressing;
  private final PendingEdits pendingEdits;

  DressingController(PhotoService photos, DressingService dressing, PendingEdits pendingEdits) {
    this.photos = photos;
    this.dressing = dressing;
    this.pendingEdits = pendingEdits;
  }

  /**
   * What a look makes of a picture, for the screen. The look stands in the address, so that trying
   * one out changes nothing and every answer may be kept.
   *
   * @param backdrop {@code transparent} or {@code #RRGGBB}
   */
  @GetMapping(path = "/api/v1/pictures/{id}/dressed.png", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> dressed(
      @PathVariable long id,
      @RequestParam String backdrop,
      @RequestParam double marginPercent,
      @RequestParam int width,
      @RequestParam int height,
      @RequestParam(required = false) Long v) {
    requirePreviewSide("width", width);
    requirePreviewSide("height", height);
    pendingEdits.render(id);
    PhotoRow row = photos.row(id);
    Look look = new LookView(backdrop, marginPercent).toLook("");
    Picture picture = dressing.screenSize(row).compose(look, width, height);
    return ResponseEntity.ok()
        .cacheControl(
            v == null
                ? CacheControl.noCache()
                : CacheControl.maxAge(Duration.ofDays(30)).cachePrivate())
        .body(PictureWriter.quickPng(picture));
  }

  private static void requirePreviewSide(String field, int px) {
    if (px < 1 || px > LARGEST_PREVIEW_PX) {
      throw BadInput.expected(field, "1 to " + LARGEST_PREVIEW_PX + " px", px);
    }
  }
}

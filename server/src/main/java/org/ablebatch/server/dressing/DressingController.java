package org.ablebatch.server.dressing;

import java.time.Duration;
import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.dress.Fill;
import org.ablebatch.core.dress.Look;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.server.picture.PhotoRow;
import org.ablebatch.server.picture.PhotoService;
import org.ablebatch.server.problem.BadInput;
import org.ablebatch.server.touchup.TouchUpService;
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
  private final TouchUpService touchUp;

  DressingController(PhotoService photos, DressingService dressing, TouchUpService touchUp) {
    this.photos = photos;
    this.dressing = dressing;
    this.touchUp = touchUp;
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
    if (width < 1 || height < 1 || Math.max(width, height) > LARGEST_PREVIEW_PX) {
      throw new BadInput("width", "A preview is 1 to " + LARGEST_PREVIEW_PX + " px on a side");
    }
    touchUp.renderPending(id);
    PhotoRow row = photos.row(id);
    Look look = new Look(Fill.parse(backdrop), marginPercent);
    Picture picture = dressing.screenSize(row).compose(look, width, height);
    return ResponseEntity.ok()
        .cacheControl(
            v == null
                ? CacheControl.noCache()
                : CacheControl.maxAge(Duration.ofDays(30)).cachePrivate())
        .body(PictureWriter.quickPng(picture));
  }
}

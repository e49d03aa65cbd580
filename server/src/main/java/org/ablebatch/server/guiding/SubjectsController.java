package org.ablebatch.server.guiding;

import java.time.Duration;
import org.ablebatch.server.picture.PhotoRow;
import org.ablebatch.server.picture.PhotoService;
import org.ablebatch.server.problem.NotFound;
import org.ablebatch.server.storage.BlobStore;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/v1/pictures/{id}")
class SubjectsController {
  private final PhotoService photos;
  private final BlobStore blobs;
  private final GuidanceJson json;

  SubjectsController(PhotoService photos, BlobStore blobs, GuidanceJson json) {
    this.photos = photos;
    this.blobs = blobs;
    this.json = json;
  }

  @GetMapping("/subjects")
  SubjectsView subjects(@PathVariable long id) {
    PhotoRow row = photos.row(id);
    return row.version() == null
        ? new SubjectsView(null, java.util.List.of(), json.guidance(row.photo().guidance()))
        : new SubjectsView(
            row.version().id(),
            json.subjects(row.version().subjectList()),
            json.guidance(row.version().guidance()));
  }

  /**
   * The label map: a grey PNG, each pixel the number of the subject there, 0 = none. Smaller than
   * the original, of the same shape.
   *
   * @param v the version that is meant; only makes the address unique
   */
  @GetMapping(path = "/subjects.png", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> labels(@PathVariable long id, @RequestParam(required = false) Long v) {
    PhotoRow row = photos.row(id);
    if (row.version() == null || row.version().labelsBlob() == null) {
      throw new NotFound("label map for picture", id);
    }
    return ResponseEntity.ok()
        .contentType(MediaType.IMAGE_PNG)
        .cacheControl(
            v == null
                ? CacheControl.noCache()
                : CacheControl.maxAge(Duration.ofDays(365)).cachePrivate().immutable())
        .body(blobs.get(row.version().labelsBlob()));
  }
}

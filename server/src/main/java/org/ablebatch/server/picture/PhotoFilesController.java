package org.ablebatch.server.picture;

import java.time.Duration;
import java.util.Optional;
import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.server.problem.NotFound;
import org.ablebatch.server.storage.BlobStore;
import org.ablebatch.server.storage.Renditions;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/**
 * The bytes behind a picture. An address with {@code v}, the version that it shows, may be kept by
 * the browser for good, because versions never change.
 */
@RestController
@RequestMapping("/api/v1/pictures/{id}")
class PhotoFilesController {
  private static final CacheControl FOR_GOOD =
      CacheControl.maxAge(Duration.ofDays(365)).cachePrivate().immutable();

  private final PhotoService photos;
  private final BlobStore blobs;
  private final SmallPictures small;
  private final CutoutFiles files;
  private final PendingEdits pendingEdits;

  PhotoFilesController(
      PhotoService photos,
      BlobStore blobs,
      SmallPictures small,
      CutoutFiles files,
      PendingEdits pendingEdits) {
    this.photos = photos;
    this.blobs = blobs;
    this.small = small;
    this.files = files;
    this.pendingEdits = pendingEdits;
  }

  /** The file as it came. */
  @GetMapping("/original")
  ResponseEntity<byte[]> original(@PathVariable long id) {
    Photo photo = photos.row(id).photo();
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType(photo.fileKind().mediaType()))
        .cacheControl(FOR_GOOD)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.inline()
                .filename(photo.fileName(), java.nio.charset.StandardCharsets.UTF_8)
                .build()
                .toString())
        .body(blobs.get(photo.originalBlob()));
  }

  /** The original upright and in sRGB, as any browser can show it, at full size. */
  @GetMapping("/upright")
  ResponseEntity<byte[]> upright(@PathVariable long id) {
    Photo photo = photos.row(id).photo();
    if (photo.isShownByBrowsers() && photo.crop() == null) {
      return original(id);
    }
    return image(MediaType.IMAGE_PNG, PictureWriter.quickPng(files.original(photo)), FOR_GOOD);
  }

  /**
   * The original at screen size.
   *
   * @param whole true = also what is cropped off
   */
  @GetMapping("/preview")
  ResponseEntity<byte[]> preview(
      @PathVariable long id, @RequestParam(defaultValue = "false") boolean whole) {
    Photo photo = photos.row(id).photo();
    if (whole && photo.crop() != null) {
      return rendition(Renditions.preview(files.whole(photo)), FOR_GOOD);
    }
    return rendition(small.preview(photo), FOR_GOOD);
  }

  /**
   * Small; {@code of=cutout} shows the cutout where there is one.
   *
   * @param v the version that is meant; only makes the address unique
   */
  @GetMapping("/thumbnail")
  ResponseEntity<byte[]> thumbnail(
      @PathVariable long id,
      @RequestParam(defaultValue = "original") String of,
      @RequestParam(required = false) Long v) {
    PhotoRow row = photos.row(id);
    boolean cutout = of.equals("cutout") && row.version() != null;
    return cutout
        ? rendition(small.thumbnail(row.version()), caching(v))
        : rendition(small.thumbnail(row.photo()), FOR_GOOD);
  }

  /**
   * The cutout at full size, transparent.
   *
   * @param bits 16 = with all that the original has, where it has more than 8
   */
  @GetMapping(path = "/cutout.png", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> cutout(
      @PathVariable long id,
      @RequestParam(required = false) Long v,
      @RequestParam(defaultValue = "8") int bits) {
    pendingEdits.render(id);
    PhotoRow row = photos.row(id);
    CutoutVersion version = shown(row, v);
    if (bits > 8) {
      Optional<byte[]> deep = files.deepCutout(version);
      if (deep.isPresent()) {
        return image(MediaType.IMAGE_PNG, deep.get(), caching(v));
      }
    }
    Picture cutout = files.picture(files.original(version), version);
    return image(MediaType.IMAGE_PNG, PictureWriter.quickPng(cutout), caching(v));
  }

  /** The cutout at screen size, transparent. */
  @GetMapping(path = "/cutout-preview.png", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> cutoutPreview(
      @PathVariable long id, @RequestParam(required = false) Long v) {
    return image(MediaType.IMAGE_PNG, small.preview(shown(photos.row(id), v)), caching(v));
  }

  /** The matte at full size: grey, 0 = backdrop, 255 = subject. */
  @GetMapping(path = "/matte.png", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> matte(@PathVariable long id, @RequestParam(required = false) Long v) {
    pendingEdits.render(id);
    return image(MediaType.IMAGE_PNG, blobs.get(shown(photos.row(id), v).matteBlob()), caching(v));
  }

  /** The colours that differ from the original's: opaque there, clear elsewhere. */
  @GetMapping(path = "/edge-colours.png", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> edge(@PathVariable long id, @RequestParam(required = false) Long v) {
    pendingEdits.render(id);
    return image(MediaType.IMAGE_PNG, blobs.get(shown(photos.row(id), v).edgeBlob()), caching(v));
  }

  /** The version that is meant, or the current one; a test strip has some before there is one. */
  private CutoutVersion shown(PhotoRow row, Long versionId) {
    CutoutVersion current = row.version();
    if (current == null && versionId == null) {
      throw new NotFound("cutout yet for picture", row.photo().id());
    }
    if (versionId == null || current != null && versionId.equals(current.id())) {
      return current;
    }
    CutoutVersion version = photos.version(versionId);
    if (version.photoId() != row.photo().id()) {
      throw new NotFound("version of this picture with number", versionId);
    }
    return version;
  }

  private static CacheControl caching(Long version) {
    return version == null ? CacheControl.noCache() : FOR_GOOD;
  }

  private static ResponseEntity<byte[]> rendition(byte[] bytes, CacheControl caching) {
    return image(Renditions.typeOf(bytes), bytes, caching);
  }

  private static ResponseEntity<byte[]> image(MediaType type, byte[] bytes, CacheControl caching) {
    return ResponseEntity.ok().contentType(type).cacheControl(caching).body(bytes);
  }
}

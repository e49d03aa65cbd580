package org.ablebatch.server.upload;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import org.ablebatch.server.batch.BatchService;
import org.ablebatch.server.picture.IntakeResult;
import org.ablebatch.server.upload.UploadViews.Declaration;
import org.ablebatch.server.upload.UploadViews.UploadView;
import org.ablebatch.server.upload.UploadViews.UploadsView;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/**
 * Sending files so that a lost connection costs nothing: the core of the open tus protocol, version
 * 1.0.0. Files are announced in one request, which gives each an address; each is then sent to its
 * address by one or more PATCH requests, and HEAD tells how much is there.
 */
@RestController
@RequestMapping("/api/v1")
class UploadController {
  private static final String PROTOCOL = "Tus-Resumable";
  private static final String VERSION = "1.0.0";
  private static final String OFFSET = "Upload-Offset";
  private static final String PIECE = "application/offset+octet-stream";
  private static final int LOCKED = 423;

  private final UploadService uploads;
  private final BatchService batches;

  UploadController(UploadService uploads, BatchService batches) {
    this.uploads = uploads;
    this.batches = batches;
  }

  /** Announces files; one answer for each, in the same order. */
  @PostMapping("/batches/{id}/uploads")
  @ResponseStatus(HttpStatus.CREATED)
  List<UploadView> declare(@PathVariable long id, @RequestBody Declaration declaration) {
    batches.require(id);
    return uploads.declare(id, declaration.files());
  }

  /** What is on its way into the batch, and what was not taken. */
  @GetMapping("/batches/{id}/uploads")
  UploadsView list(@PathVariable long id) {
    batches.require(id);
    return uploads.ofBatch(id);
  }

  /**
   * Closes the report of what was not taken.
   *
   * @param coming true = also gives up what has not come whole
   */
  @DeleteMapping("/batches/{id}/uploads")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void forget(@PathVariable long id, @RequestParam(defaultValue = "false") boolean coming) {
    batches.require(id);
    uploads.forget(id, coming);
  }

  /** Takes a duplicate in as a picture of its own. */
  @PostMapping("/uploads/{id}/take-anyway")
  IntakeResult takeAnyway(@PathVariable long id) {
    return uploads.takeAnyway(id);
  }

  @Operation(summary = "How much of a file is there, in the header Upload-Offset")
  @RequestMapping(path = "/uploads/{id}", method = RequestMethod.HEAD)
  ResponseEntity<Void> head(@PathVariable long id) {
    UploadView upload = uploads.one(id);
    return ResponseEntity.ok()
        .header(PROTOCOL, VERSION)
        .header(OFFSET, String.valueOf(upload.offset()))
        .header("Upload-Length", String.valueOf(upload.bytes()))
        .cacheControl(CacheControl.noStore())
        .build();
  }

  @Operation(summary = "The next piece of a file, from the byte that Upload-Offset says")
  @PatchMapping(path = "/uploads/{id}", consumes = PIECE)
  ResponseEntity<Void> append(
      @PathVariable long id,
      @RequestHeader(OFFSET) long offset,
      @io.swagger.v3.oas.annotations.Parameter(hidden = true) HttpServletRequest request)
      throws IOException {
    long now = uploads.append(id, offset, request.getInputStream());
    return ResponseEntity.noContent()
        .header(PROTOCOL, VERSION)
        .header(OFFSET, String.valueOf(now))
        .build();
  }

  @ExceptionHandler(UploadService.BeingSent.class)
  ResponseEntity<Void> beingSent() {
    return ResponseEntity.status(LOCKED).header(PROTOCOL, VERSION).build();
  }
}

package org.ablebatch.server.batch;

import java.io.IOException;
import org.ablebatch.server.problem.BadInput;
import org.ablebatch.server.storage.Renditions;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

@RestController
@RequestMapping("/api/v1/batches/{id}/empty-set")
class EmptySetController {
  private final EmptySetService emptySets;
  private final BatchService batches;

  EmptySetController(EmptySetService emptySets, BatchService batches) {
    this.emptySets = emptySets;
    this.batches = batches;
  }

  /** Attaches a photograph of the set without a subject; it counts for every later cut. */
  @PutMapping(consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  BatchView attach(
      @PathVariable long id, @RequestParam(name = "file", required = false) MultipartFile file)
      throws IOException {
    if (file == null || file.isEmpty()) {
      throw new BadInput("file", "There is no file in this upload");
    }
    batches.require(id);
    emptySets.attach(id, file.getOriginalFilename(), file.getBytes());
    return batches.view(id);
  }

  @DeleteMapping
  BatchView takeAway(@PathVariable long id) {
    emptySets.takeAway(id);
    return batches.view(id);
  }

  /** The photograph at screen size. */
  @GetMapping(produces = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE})
  ResponseEntity<byte[]> preview(@PathVariable long id) {
    byte[] preview = emptySets.preview(id);
    return ResponseEntity.ok()
        .contentType(Renditions.typeOf(preview))
        .cacheControl(CacheControl.noCache())
        .body(preview);
  }
}

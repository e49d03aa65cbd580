package org.ablebatch.server.checking;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/v1/batches/{batchId}/quality")
class QualityController {
  private final QualityService quality;

  QualityController(QualityService quality) {
    this.quality = quality;
  }

  /** How the checking of a batch went. */
  @GetMapping
  QualityView get(@PathVariable long batchId) {
    return quality.of(batchId);
  }
}

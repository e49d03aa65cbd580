package org.ablebatch.server.sampling;

import io.swagger.v3.oas.annotations.media.Schema;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/v1/batches/{batchId}/sampling")
class SamplingController {
  private final SamplingService sampling;
  private final SamplingRecord record;

  SamplingController(SamplingService sampling, SamplingRecord record) {
    this.sampling = sampling;
    this.record = record;
  }

  /**
   * @param level I, II or III
   * @param limit quality limit in percent
   */
  @Schema(name = "SamplingRequest")
  record DrawRequest(String level, String limit) {}

  /** The sample that is being inspected; without one, what a plan would ask for. */
  @GetMapping
  SamplingView get(
      @PathVariable long batchId,
      @RequestParam(defaultValue = "II") String level,
      @RequestParam(defaultValue = "2.5") String limit) {
    return sampling.view(batchId, level, limit);
  }

  @PostMapping
  SamplingView draw(@PathVariable long batchId, @RequestBody DrawRequest request) {
    return sampling.draw(batchId, request.level(), request.limit());
  }

  /** Ends the inspection; all pictures are to be checked, or have been passed. */
  @DeleteMapping
  SamplingView end(@PathVariable long batchId) {
    return sampling.end(batchId);
  }

  /** The last sample's record, to be printed or kept. */
  @GetMapping(path = "/record.html", produces = MediaType.TEXT_HTML_VALUE)
  String record(@PathVariable long batchId) {
    return record.html(batchId);
  }
}

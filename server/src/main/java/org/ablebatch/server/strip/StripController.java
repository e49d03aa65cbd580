package org.ablebatch.server.strip;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/v1/batches/{id}/strip")
class StripController {
  private final StripService strips;

  StripController(StripService strips) {
    this.strips = strips;
  }

  /**
   * @param pictures the samples; null = chosen so that they differ
   * @param count how many are chosen, 1 to 12; null = four
   * @param methods null = automatic, plain, uneven and busy
   */
  @Schema(name = "StripLayout")
  record Layout(List<Long> pictures, Integer count, List<String> methods) {}

  @GetMapping
  StripView strip(@PathVariable long id) {
    return strips.view(id);
  }

  /** Lays the strip out and cuts its cells, ahead of every batch. */
  @PutMapping
  StripView layOut(@PathVariable long id, @RequestBody Layout layout) {
    strips.layOut(id, layout.pictures(), layout.count(), layout.methods());
    return strips.view(id);
  }

  @DeleteMapping
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void clear(@PathVariable long id) {
    strips.clear(id);
  }
}

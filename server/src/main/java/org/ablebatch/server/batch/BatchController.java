package org.ablebatch.server.batch;

import jakarta.validation.Valid;
import java.net.URI;
import java.util.List;
import org.ablebatch.server.progress.BatchEvents;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

@RestController
@RequestMapping("/api/v1/batches")
class BatchController {
  private final BatchService batches;
  private final BatchEvents events;

  BatchController(BatchService batches, BatchEvents events) {
    this.batches = batches;
    this.events = events;
  }

  @PostMapping
  ResponseEntity<BatchView> create(@Valid @RequestBody BatchRequest request) {
    long id = batches.create(request.name(), request.method()).id();
    return ResponseEntity.created(URI.create("/api/v1/batches/" + id)).body(batches.view(id));
  }

  @GetMapping
  List<BatchView> list() {
    return batches.viewAll();
  }

  @GetMapping("/{id}")
  BatchView get(@PathVariable long id) {
    return batches.view(id);
  }

  @PatchMapping("/{id}")
  BatchView change(@PathVariable long id, @Valid @RequestBody TicketRequest change) {
    batches.change(id, change);
    return batches.view(id);
  }

  /** The batch's look with changes; other batches that use it keep theirs. */
  @PutMapping("/{id}/look")
  BatchView saveLook(@PathVariable long id, @Valid @RequestBody LookSave save) {
    batches.saveLook(id, save);
    return batches.view(id);
  }

  /** Server-sent events named {@code changed}: the batch has changed, look again. */
  @GetMapping(path = "/{id}/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter events(@PathVariable long id) {
    batches.require(id);
    return events.listen(id);
  }
}

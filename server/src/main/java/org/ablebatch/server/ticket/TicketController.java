package org.ablebatch.server.ticket;

import java.nio.charset.StandardCharsets;
import org.ablebatch.server.batch.BatchService;
import org.ablebatch.server.batch.BatchView;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/v1/batches/{id}/ticket")
class TicketController {
  private final TicketService tickets;
  private final BatchService batches;

  TicketController(TicketService tickets, BatchService batches) {
    this.tickets = tickets;
    this.batches = batches;
  }

  /** The ticket as a JSON file. */
  @GetMapping
  ResponseEntity<TicketFile> export(@PathVariable long id) {
    TicketFile ticket = tickets.of(id);
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename(ticket.name() + ".ticket.json", StandardCharsets.UTF_8)
                .build()
                .toString())
        .body(ticket);
  }

  /** Takes a ticket over for this batch; the batch keeps its name and its pictures. */
  @PutMapping
  BatchView apply(@PathVariable long id, @RequestBody TicketFile ticket) {
    tickets.apply(id, ticket);
    return batches.view(id);
  }
}

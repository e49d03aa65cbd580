package org.ablebatch.server.sending;

import java.util.List;
import org.ablebatch.server.sending.SendingViews.SendingView;
import org.ablebatch.server.sending.SendingViews.SentFileView;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/v1")
class SendingController {
  private final SendingService sendings;

  SendingController(SendingService sendings) {
    this.sendings = sendings;
  }

  /**
   * @param shop its address; null = none
   */
  record SendTo(String shop) {}

  /** Where this server may send to. */
  @GetMapping("/send-to")
  SendTo sendTo() {
    return new SendTo(sendings.shop());
  }

  /**
   * Sends a delivery's files to the shop. One that is on its way is not begun twice.
   *
   * @param all also what the shop is known to have
   */
  @PostMapping("/deliveries/{id}/sending")
  @ResponseStatus(HttpStatus.ACCEPTED)
  SendingView send(@PathVariable long id, @RequestParam(defaultValue = "false") boolean all) {
    return sendings.send(id, all);
  }

  /** The last sending of a delivery; 204 = it was never sent. */
  @GetMapping("/deliveries/{id}/sending")
  ResponseEntity<SendingView> last(@PathVariable long id) {
    return sendings
        .last(id)
        .map(ResponseEntity::ok)
        .orElseGet(() -> ResponseEntity.noContent().build());
  }

  /** Where each of its files is. */
  @GetMapping("/sendings/{id}/files")
  List<SentFileView> files(@PathVariable long id) {
    return sendings.files(id);
  }

  /** Nothing more is begun. */
  @PostMapping("/sendings/{id}/stop")
  SendingView stop(@PathVariable long id) {
    return sendings.stop(id);
  }
}

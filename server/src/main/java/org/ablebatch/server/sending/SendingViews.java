package org.ablebatch.server.sending;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;

/** What the API shows of sendings. */
final class SendingViews {
  private SendingViews() {}

  /**
   * @param state running, stopped or done
   * @param there files that the shop has
   * @param waiting files that are sent or tried again
   * @param refused files that it does not take, or did not take ten times
   * @param silentUntil when the shop is tried again because it could not be reached; null = it can
   * @param nextTryAt when the next file is tried again; null = none waits for that
   */
  @Schema(name = "Sending")
  record SendingView(
      long id,
      long deliveryId,
      String shop,
      String state,
      long there,
      long waiting,
      long refused,
      Instant silentUntil,
      Instant nextTryAt,
      Instant createdAt,
      Instant finishedAt) {}

  /**
   * @param state waiting, there or refused
   * @param tries so far
   * @param problem of the last try; null = none
   */
  @Schema(name = "SentFile")
  record SentFileView(String name, String state, int tries, String problem, Instant nextTryAt) {}
}

package org.ablebatch.server.sending;

import java.net.URI;
import java.time.Duration;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * Where deliveries may be sent to.
 *
 * @param to address of the shop; null = nowhere
 * @param firstWait before what failed is tried again; each further wait is twice as long
 */
@ConfigurationProperties("able.send")
record SendingSettings(URI to, Duration firstWait) {
  boolean isAllowed() {
    return to != null && to.getHost() != null;
  }

  /** Where a file of this name goes. */
  URI addressOf(String encodedName) {
    String base = to.toString();
    return URI.create((base.endsWith("/") ? base : base + "/") + "files/" + encodedName);
  }
}

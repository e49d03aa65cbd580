package org.ablebatch.server.sending;

import java.net.URI;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * Where deliveries may be sent to.
 *
 * @param to address of the shop; null = nowhere
 */
@ConfigurationProperties("able.send")
record SendingSettings(URI to) {
  boolean isAllowed() {
    return to != null && to.getHost() != null;
  }

  /** Where a file of this name goes. */
  URI addressOf(String encodedName) {
    String base = to.toString();
    return URI.create((base.endsWith("/") ? base : base + "/") + "files/" + encodedName);
  }
}

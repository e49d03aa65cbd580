package org.ablebatch.server.delivery;

import java.nio.file.Path;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * Where files may be delivered to.
 *
 * @param to folder under which they may be written; null = nowhere
 */
@ConfigurationProperties("able.deliver")
record DeliverySettings(Path to) {
  boolean isAllowed() {
    return to != null && !to.toString().isBlank();
  }
}

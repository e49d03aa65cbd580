package org.ablebatch.server.delivery;

import io.swagger.v3.oas.annotations.media.Schema;

/**
 * A file that is not made.
 *
 * @param specIndex of its spec among those that were asked for
 */
@Schema(name = "LeftOut")
public record LeftOut(long pictureId, int specIndex) {
  static LeftOut of(DeliveryPlan.Item item) {
    return new LeftOut(item.picture().id(), item.file().specIndex());
  }
}

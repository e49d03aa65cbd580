package org.ablebatch.server.delivery;

import java.util.List;
import org.ablebatch.codec.spec.SpecEntry;

/** What makes a file of one delivery the counterpart of a file of another. */
record FileKey(long photoId, String spec) {
  static FileKey of(DeliveredFile file, List<SpecEntry> specs) {
    return new FileKey(file.photoId(), specs.get(file.specIndex()).name());
  }

  static FileKey of(DeliveryPlan.Item item) {
    return new FileKey(item.picture().id(), item.file().spec().name());
  }
}

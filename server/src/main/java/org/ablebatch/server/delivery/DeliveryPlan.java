package org.ablebatch.server.delivery;

import java.util.ArrayList;
import java.util.List;
import org.ablebatch.core.deliver.FileNames;
import org.ablebatch.core.deliver.Preflight;
import org.ablebatch.core.deliver.Spec;
import org.ablebatch.core.look.Look;
import org.ablebatch.server.picture.PhotoRow;

/** Which files a run will make: the same list for the preflight and for the run. */
final class DeliveryPlan {
  private DeliveryPlan() {}

  /** One file to be made. */
  record Item(PhotoRow row, int specIndex, Spec spec, String name, List<Preflight.Note> notes) {}

  /** Every picture under every spec, in the batch's order. */
  static List<Item> of(List<PhotoRow> rows, List<Spec> specs, Look look) {
    FileNames names = new FileNames();
    List<Item> items = new ArrayList<>();
    int number = 0;
    for (PhotoRow row : rows) {
      number++;
      for (int i = 0; i < specs.size(); i++) {
        Spec spec = specs.get(i);
        items.add(
            new Item(
                row,
                i,
                spec,
                names.next(row.photo().fileName(), row.photo().set(), spec, number),
                Preflight.notes(row.measures(), row.photo().set(), spec, look)));
      }
    }
    return items;
  }
}

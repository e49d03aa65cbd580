package org.ablebatch.server.delivery;

import java.util.ArrayList;
import java.util.List;
import org.ablebatch.codec.spec.SpecEntry;
import org.ablebatch.codec.spec.SpecFile;
import org.ablebatch.codec.spec.WordsEntry;
import org.ablebatch.core.deliver.Deliverable;
import org.ablebatch.core.deliver.Planner;
import org.ablebatch.core.look.Look;
import org.ablebatch.server.dressing.DressingService;
import org.ablebatch.server.picture.PhotoRow;

/** Which files a run will make: the same list for the preflight and for the run. */
final class DeliveryPlan {
  private DeliveryPlan() {}

  /**
   * One file to be made.
   *
   * @param recipe of everything that its bytes depend on
   */
  record Item(PhotoRow row, Planner.PlannedFile file, String recipe) {}

  /** Every picture under every spec, in the batch's order. */
  static List<Item> of(
      List<PhotoRow> rows, List<SpecEntry> specs, Look look, WordsEntry words, boolean sharpen) {
    Planner planner = new Planner(SpecFile.toSpecs(specs));
    Recipes recipes = new Recipes(specs, look, words.toPlan(), sharpen);
    List<Item> items = new ArrayList<>();
    for (PhotoRow row : rows) {
      Look own = DressingService.lookOf(look, row.photo());
      List<String> ofSpecs = recipes.of(row, own);
      for (Planner.PlannedFile file : planner.next(new Deliverable(row.measures(), own))) {
        items.add(new Item(row, file, ofSpecs.get(file.specIndex())));
      }
    }
    return items;
  }
}

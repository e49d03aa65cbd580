package org.ablebatch.server.delivery;

import java.util.ArrayList;
import java.util.List;
import org.ablebatch.codec.spec.SpecEntry;
import org.ablebatch.codec.spec.SpecFile;
import org.ablebatch.codec.spec.WordsEntry;
import org.ablebatch.core.deliver.Deliverable;
import org.ablebatch.core.deliver.Planner;
import org.ablebatch.core.look.Look;
import org.ablebatch.server.picture.PlannedPhoto;

/** Which files a run will make: the same list for the preflight and for the run. */
final class DeliveryPlan {
  private DeliveryPlan() {}

  /**
   * One file to be made.
   *
   * @param recipes of everything that bytes of the picture depend on
   */
  record Item(PlannedPhoto picture, Planner.PlannedFile file, Recipes.OfPicture recipes) {
    String recipe() {
      return recipes.under(file.specIndex());
    }
  }

  /** Every picture under every spec, in the batch's order. */
  static List<Item> of(
      List<PlannedPhoto> photos,
      List<SpecEntry> specs,
      Look look,
      WordsEntry words,
      boolean sharpen) {
    Planner planner = new Planner(SpecFile.toSpecs(specs));
    Recipes recipes = new Recipes(specs, look, words.toPlan(), sharpen);
    List<Item> items = new ArrayList<>();
    for (PlannedPhoto one : photos) {
      Look own = one.changed(look);
      Recipes.OfPicture ofPicture = recipes.of(one, own);
      for (Planner.PlannedFile file : planner.next(new Deliverable(one.measures(), own))) {
        items.add(new Item(one, file, ofPicture));
      }
    }
    return items;
  }
}

package org.ablebatch.server.delivery;

import org.ablebatch.core.deliver.Planner;
import org.ablebatch.server.delivery.DeliveryViews.NoteView;
import org.ablebatch.server.delivery.DeliveryViews.PreflightFile;

/** A planned file as the API shows it. */
final class PreflightFiles {
  private PreflightFiles() {}

  static PreflightFile of(DeliveryPlan.Item item, FileChange change) {
    Planner.PlannedFile file = item.file();
    return new PreflightFile(
        file.name(),
        item.row().photo().id(),
        item.row().photo().fileName(),
        file.spec().name(),
        file.specIndex(),
        file.frame().width(),
        file.frame().height(),
        file.spec().format().name(),
        change.wireName(),
        file.isBlocked(),
        file.notes().stream()
            .map(note -> new NoteView(note.kind().wireName(), note.sentence()))
            .toList());
  }
}

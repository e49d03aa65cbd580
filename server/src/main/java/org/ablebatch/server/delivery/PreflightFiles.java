package org.ablebatch.server.delivery;

import java.util.List;
import java.util.stream.Stream;
import org.ablebatch.codec.write.AvifFile;
import org.ablebatch.core.deliver.OutputFormat;
import org.ablebatch.core.deliver.Planner;
import org.ablebatch.core.deliver.Preflight;
import org.ablebatch.core.dress.LookNote;
import org.ablebatch.server.delivery.DeliveryViews.NoteView;
import org.ablebatch.server.delivery.DeliveryViews.PreflightFile;

/** A planned file as the API shows it. */
final class PreflightFiles {
  private static final NoteView NO_AVIF =
      new NoteView(Preflight.Kind.CANNOT_WRITE.wireName(), "this server can’t write AVIF");

  private PreflightFiles() {}

  /**
   * @param hurts what the look does to the picture in the file's frame, as far as it is known
   */
  static PreflightFile of(DeliveryPlan.Item item, FileChange change, List<LookNote> hurts) {
    Planner.PlannedFile file = item.file();
    boolean cannotWrite = file.spec().format() == OutputFormat.AVIF && !AvifFile.isPossible();
    return new PreflightFile(
        file.name(),
        item.picture().id(),
        item.picture().labels().fileName(),
        file.spec().name(),
        file.specIndex(),
        file.frame().width(),
        file.frame().height(),
        file.spec().format().name(),
        change.wireName(),
        file.isBlocked() || cannotWrite,
        Stream.of(
                cannotWrite ? Stream.of(NO_AVIF) : Stream.<NoteView>empty(),
                file.notes().stream()
                    .map(note -> new NoteView(note.kind().wireName(), note.sentence())),
                hurts.stream()
                    // Enlarging is said by the plan already.
                    .filter(note -> note.kind() != LookNote.Kind.ENLARGED)
                    .map(note -> new NoteView(Preflight.Kind.LOOK.wireName(), note.kind().label())))
            .flatMap(notes -> notes)
            .toList());
  }
}

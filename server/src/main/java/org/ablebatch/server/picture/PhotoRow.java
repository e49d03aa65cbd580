package org.ablebatch.server.picture;

import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import org.ablebatch.codec.look.LookFile;
import org.ablebatch.core.check.Sharpness;
import org.ablebatch.core.dress.SubjectMeasures;
import org.ablebatch.core.finding.Finding;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.raster.Rect;
import tools.jackson.databind.json.JsonMapper;

/**
 * A picture with its current version.
 *
 * @param version null before the first cutout
 */
public record PhotoRow(Photo photo, CutoutVersion version) {
  private static final int KEY_LETTERS = 12;
  private static final JsonMapper JSON = new JsonMapper();

  /**
   * @param duplicateOf an earlier picture of the batch with the same bytes; null = none
   * @param ofTicket what is wrong with a cutout of these measures because of what the ticket asks
   *     for
   */
  PictureView view(Long duplicateOf, Function<SubjectMeasures, List<Finding>> ofTicket) {
    boolean cut = version != null;
    return new PictureView(
        photo.id(),
        photo.batchId(),
        photo.place(),
        photo.fileName(),
        photo.folder(),
        photo.code(),
        photo.group(),
        photo.state().wireName(),
        photo.isQueued(),
        photo.width(),
        photo.height(),
        photo.originalBytes(),
        photo.fileKind().label(),
        photo.isShownByBrowsers() && photo.crop() == null,
        photo.thumbnailBlob().substring(0, KEY_LETTERS),
        intake(duplicateOf),
        photo.askedMethod() == null ? null : photo.askedMethod().wireName(),
        cut ? version.confidence() : null,
        cut ? version.method() : null,
        cut ? version.reason() : null,
        cut ? version.tried() : List.of(),
        cut ? version.subjects() : null,
        cut ? version.id() : null,
        cut ? version.number() : null,
        cut && version.maker() == CutoutVersion.Maker.HAND,
        cut ? version.tellTale() : null,
        photo.failure() == null ? null : photo.failure().sentence(),
        photo.failure() == null ? null : photo.failure().kind().wireName(),
        photo.revision(),
        photo.remark(),
        photo.isBeingRedrawn(),
        cut && version.isInspected(),
        cut ? findings(ofTicket.apply(planned().cutMeasures())) : List.of(),
        photo.dress().listColumns(),
        JSON.readTree(
            photo.dress().lookChanges().isEmpty()
                ? "[]"
                : LookFile.partsOf(new Look(photo.dress().lookChanges()))));
  }

  /** What a plan has to know of it. */
  public PlannedPhoto planned() {
    return version == null
        ? PlannedPhoto.of(photo, null, null)
        : PlannedPhoto.of(photo, version.id(), version.content());
  }

  /** Whether all of it is delivered: it was left whole, or nothing was cut yet. */
  public boolean isWhole() {
    return planned().isWhole();
  }

  /** What is delivered of it, in pixels of its original. */
  public SubjectMeasures measures() {
    return planned().measures();
  }

  private List<FindingView> findings(List<Finding> ofTicket) {
    return Stream.concat(version.findings().stream(), ofTicket.stream())
        .sorted(Comparator.comparingDouble(Finding::severity).reversed())
        .map(FindingView::of)
        .toList();
  }

  private PictureView.IntakeView intake(Long duplicateOf) {
    IntakeFacts facts = photo.facts();
    Rect whole = photo.wholeFrame();
    return new PictureView.IntakeView(
        facts.profile(),
        facts.bits(),
        facts.hasPlace(),
        facts.transparent(),
        facts.picturesInFile(),
        facts.sharpness() < Sharpness.BLURRED_BELOW,
        duplicateOf,
        whole.width(),
        whole.height(),
        PictureView.CropView.of(photo.crop()));
  }
}

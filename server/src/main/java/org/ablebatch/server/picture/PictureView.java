package org.ablebatch.server.picture;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * A picture as the API shows it.
 *
 * @param state one of the states of the line
 * @param queued waiting for a worker
 * @param shownByBrowsers false when the original must be converted before a browser can show it
 * @param confidence 0..100, null before the first cutout
 * @param method the method that was used, null before the first cutout
 * @param reason why that method
 * @param versionId the current cutout, null before the first
 * @param mendedByHand true when the current cutout has hand edits
 * @param problem why there is no cutout, a sentence
 * @param revision to be sent back with a verdict, so that a stale one is noticed
 * @param findings suspected faults; empty until they are computed
 */
@Schema(name = "Picture")
public record PictureView(
    long id,
    long batchId,
    int place,
    String fileName,
    String state,
    boolean queued,
    int width,
    int height,
    long bytes,
    String format,
    boolean shownByBrowsers,
    Integer confidence,
    String method,
    String reason,
    Integer subjects,
    Long versionId,
    Integer versionNumber,
    boolean mendedByHand,
    String problem,
    long revision,
    List<String> findings) {}

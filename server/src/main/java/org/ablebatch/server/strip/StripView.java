package org.ablebatch.server.strip;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * A batch's test strip.
 *
 * @param samples picture ids, one a row
 * @param methods wire names, one a column
 * @param cells those that are there, in any order
 */
@Schema(name = "Strip")
record StripView(List<Long> samples, List<String> methods, List<CellView> cells) {

  /**
   * One sample by one method.
   *
   * @param state waiting, cutting, done or failed
   * @param versionId the cutout; null until it is done
   * @param usedMethod what automatic came to; null until it is done
   * @param seconds how long the engine took
   * @param tellTale the flat colour on which leftovers show most
   * @param problem why there is no cutout
   */
  @Schema(name = "StripCell")
  record CellView(
      long pictureId,
      String method,
      String state,
      Long versionId,
      Integer confidence,
      String usedMethod,
      String reason,
      Double seconds,
      String tellTale,
      String problem) {}
}

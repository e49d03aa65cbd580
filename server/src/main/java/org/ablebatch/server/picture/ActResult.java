package org.ablebatch.server.picture;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * @param done pictures that it was done to, or that were so already
 * @param refused pictures that it could not be done to, each with its reason
 */
@Schema(name = "ActResult")
record ActResult(int done, List<RefusedAct> refused) {

  @Schema(name = "RefusedAct")
  record RefusedAct(long id, String fileName, String problem) {}
}

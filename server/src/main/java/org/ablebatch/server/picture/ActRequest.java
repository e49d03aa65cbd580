package org.ablebatch.server.picture;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * One thing to be done to many pictures.
 *
 * @param ids pictures of one batch, at most 10,000
 * @param action leave-whole, cut-after-all, remove, bring-back, crop, method or set
 * @param method for {@code method}: a method's name; null = as the batch says
 * @param trim for {@code crop}: what is taken off; null = nothing, the whole original again
 * @param set for {@code set}: code and group
 */
@Schema(name = "Act")
record ActRequest(List<Long> ids, String action, String method, Trim trim, SetData set) {

  /** Shares of the upright original's width and height that are taken off at each side, 0..1. */
  @Schema(name = "Trim")
  record Trim(double left, double top, double right, double bottom) {}

  /** Where pictures belong; null = nowhere. */
  @Schema(name = "SetPlace")
  record SetData(String code, String group) {}
}

package org.ablebatch.server.batch;

import io.swagger.v3.oas.annotations.media.Schema;
import org.ablebatch.core.look.Fill;
import org.ablebatch.core.look.SubjectPlace;
import org.ablebatch.server.problem.BadInput;

/**
 * Which look a batch is to use: one of the shelf, or a backdrop and a margin.
 *
 * @param id of a look on the shelf, in its newest version; null = as the other two say
 * @param backdrop {@code transparent} or {@code #RRGGBB}
 * @param marginPercent 0..45
 */
@Schema(name = "LookChoice")
public record LookRequest(Long id, String backdrop, Double marginPercent) {
  /**
   * @param field where it stands in the request, ending with a dot; may be empty
   * @throws BadInput naming the part that can't be
   */
  Fill fill(String field) {
    try {
      return Fill.parse(String.valueOf(backdrop));
    } catch (IllegalArgumentException e) {
      throw BadInput.expected(
          field + "backdrop", "transparent or a colour such as #E9E0CE", backdrop);
    }
  }

  /**
   * @throws BadInput when there is none or it can't be
   */
  double margin(String field) {
    if (marginPercent == null
        || !(marginPercent >= 0 && marginPercent <= SubjectPlace.MOST_MARGIN)) {
      throw BadInput.expected(field + "marginPercent", "0 to 45", marginPercent);
    }
    return marginPercent;
  }
}

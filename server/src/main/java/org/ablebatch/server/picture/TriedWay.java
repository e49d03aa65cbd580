package org.ablebatch.server.picture;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.ablebatch.core.cut.Attempt;

/**
 * A way that competed for a cutout.
 *
 * @param method its name
 * @param expectedError what the judge expected to be wrong, as a share of the subject; above 1
 *     where much too much would be kept
 */
@Schema(name = "TriedWay")
public record TriedWay(String method, double expectedError) {
  private static final double THOUSAND = 1000;

  /** The best first. */
  public static List<TriedWay> of(List<Attempt> tried) {
    return tried.stream()
        .map(
            one ->
                new TriedWay(
                    one.method().wireName(), Math.round(one.expectedError() * THOUSAND) / THOUSAND))
        .toList();
  }
}

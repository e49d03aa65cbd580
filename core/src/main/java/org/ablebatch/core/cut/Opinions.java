package org.ablebatch.core.cut;

import java.util.List;
import java.util.Optional;
import org.ablebatch.core.raster.Plane;

/**
 * What else can be thought of a picture beside the cutout that came of it. All on one grid, at half
 * the reading size.
 *
 * @param weighed probability of subject from all evidence together, 0..1
 * @param guess the subject prior's after a closer look, 0..1
 * @param person the person prior's, 0..1
 * @param ways what each of the ways that competed would keep, 0 or 1
 */
public record Opinions(
    Plane weighed, Optional<Plane> guess, Optional<Plane> person, List<Plane> ways) {
  public Opinions {
    ways = List.copyOf(ways);
  }

  public int width() {
    return weighed.width();
  }

  public int height() {
    return weighed.height();
  }
}

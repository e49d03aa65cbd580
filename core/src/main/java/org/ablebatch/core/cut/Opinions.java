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
 * @param evidence each kind by itself, -1..1, in the order of {@link
 *     org.ablebatch.core.subject.EvidencePlane}
 * @param ways those that competed
 */
public record Opinions(
    Plane weighed,
    Optional<Plane> guess,
    Optional<Plane> person,
    List<Plane> evidence,
    List<Way> ways) {
  public Opinions {
    evidence = List.copyOf(evidence);
    ways = List.copyOf(ways);
  }

  /**
   * One way to find the subject.
   *
   * @param kept what it would keep, 0 or 1
   * @param expectedError what the judge expects to be wrong of it, as a share of the subject
   */
  public record Way(Plane kept, double expectedError) {}

  /** Memory that it holds. */
  public long bytes() {
    long planes =
        1 + guess.stream().count() + person.stream().count() + evidence.size() + ways.size();
    return planes * Float.BYTES * width() * height();
  }

  public int width() {
    return weighed.width();
  }

  public int height() {
    return weighed.height();
  }
}

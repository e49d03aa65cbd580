package org.ablebatch.core.sampling;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;

/**
 * Draws a sample at random, each group by its share of the lot. The same seed draws the same
 * sample, so that a record can be checked later.
 */
public final class SampleDraw {
  private SampleDraw() {}

  /** One of the lot. */
  public record Unit(long id, String group) {}

  /**
   * @param lot in any order; it is put in order by id first
   * @param size at most as many as the lot has
   * @return ids, ascending
   */
  public static List<Long> draw(List<Unit> lot, int size, long seed) {
    if (size < 0 || size > lot.size()) {
      throw new IllegalArgumentException(
          "a sample of %d from a lot of %d".formatted(size, lot.size()));
    }
    Map<String, List<Long>> groups = new LinkedHashMap<>();
    lot.stream()
        .sorted(Comparator.comparingLong(Unit::id))
        .forEach(
            unit ->
                groups
                    .computeIfAbsent(
                        unit.group() == null ? "" : unit.group(), g -> new ArrayList<>())
                    .add(unit.id()));
    Random random = new Random(seed);
    groups.values().forEach(ids -> Collections.shuffle(ids, random));
    List<Long> drawn = new ArrayList<>();
    List<Share> shares = new ArrayList<>();
    for (List<Long> ids : groups.values()) {
      double exact = size * (ids.size() / (double) lot.size());
      int whole = (int) Math.floor(exact);
      drawn.addAll(ids.subList(0, whole));
      shares.add(new Share(ids, whole, exact - whole, random.nextDouble()));
    }
    // What is left over goes to the largest remainders; equal ones are decided by lot.
    shares.sort(
        Comparator.comparingDouble(Share::remainder).thenComparingDouble(Share::luck).reversed());
    for (int k = 0; drawn.size() < size; k++) {
      Share share = shares.get(k);
      if (share.whole() < share.ids().size()) {
        drawn.add(share.ids().get(share.whole()));
      }
    }
    Collections.sort(drawn);
    return drawn;
  }

  private record Share(List<Long> ids, int whole, double remainder, double luck) {}
}

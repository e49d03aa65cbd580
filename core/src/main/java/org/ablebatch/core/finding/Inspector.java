package org.ablebatch.core.finding;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Picture;

/**
 * Looks a cutout over, with nothing but the photograph to hold it against: it does not matter
 * whether the engine or a hand made it. Deterministic and safe for use by several threads.
 */
public final class Inspector {
  private static final List<Detector> DETECTORS =
      List.of(
          new ExtentDetector(),
          new LostPartDetector(),
          new KeptBackdropDetector(),
          new IslandDetector(),
          new HazeDetector(),
          new EdgeDetector(),
          new SupportDetector(),
          new FrameDetector());

  /** Fainter suspicions are not worth a line. */
  private static final double FAINTEST = 0.12;

  private static final int MOST = 24;
  private static final int MOST_OF_ONE_KIND = 6;

  private Inspector() {}

  /**
   * @param photograph full size, upright; unchanged
   * @param cutout of the same size
   * @return the worst first
   */
  public static List<Finding> inspect(
      Picture photograph, Cutout cutout, Expectations expectations) {
    return suspect(Inspected.of(PhotographReading.of(photograph), cutout, expectations)).stream()
        .map(Suspicion::finding)
        .toList();
  }

  /** As {@link #inspect}, with the pixels that each finding is about. */
  public static List<Suspicion> suspect(Inspected inspected) {
    List<Suspicion> all = new ArrayList<>();
    for (Detector detector : DETECTORS) {
      all.addAll(detector.find(inspected.seen()));
    }
    all.addAll(BlurDetector.find(inspected.photograph().small(), inspected.matte()));
    all.removeIf(one -> one.finding().severity() < FAINTEST);
    all.sort(Comparator.comparingDouble((Suspicion one) -> one.finding().severity()).reversed());
    return limited(all);
  }

  /** A person looks at a handful; a hundred holes in a mesh are one remark, not a hundred. */
  private static List<Suspicion> limited(List<Suspicion> worstFirst) {
    int[] ofKind = new int[FindingKind.values().length];
    return worstFirst.stream()
        .filter(one -> ++ofKind[one.finding().kind().ordinal()] <= MOST_OF_ONE_KIND)
        .limit(MOST)
        .toList();
  }
}

package org.ablebatch.core.cut;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.ablebatch.core.backdrop.BackdropKind;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.scene.Scene;
import org.ablebatch.core.subject.EvidencePlane;
import org.ablebatch.core.subject.SubjectRegion;
import org.ablebatch.core.subject.Weighed;

/** Why one way was taken before the others, in words that a person can check. */
final class Verdict {
  /** So much more detail, in the evidence's own unit, is to be seen inside than around. */
  private static final double IN_FOCUS = 0.35;

  /** Below this overlap another way would have given another cutout. */
  private static final double ANOTHER_CUTOUT = 0.9;

  private Verdict() {}

  /**
   * @param ranked the best first, at least one
   */
  static MethodChooser.Choice of(List<Attempt> ranked, Scene scene, Weighed weighed) {
    Attempt best = ranked.get(0);
    Method method =
        best.method() == Method.PLAIN && scene.backdrop().kind() != BackdropKind.PLAIN
            ? Method.UNEVEN
            : best.method();
    String reason = MethodChooser.reason(method, scene);
    if (method != Method.PLAIN && isInFocus(best.region(), weighed)) {
      reason = "in focus before a blurred ground";
    }
    return new MethodChooser.Choice(
        method, reason + instead(ranked, best.region()), Optional.empty());
  }

  /** What the next best would have done, where that is another cutout. */
  private static String instead(List<Attempt> ranked, SubjectRegion best) {
    return ranked.stream()
        .skip(1)
        .filter(other -> other.region().overlap(best) < ANOTHER_CUTOUT)
        .findFirst()
        .map(
            other ->
                String.format(
                    Locale.ROOT,
                    "; as “%s” it would keep %s",
                    other.method().label(),
                    other.region().area() > best.area() ? "more" : "less"))
        .orElse("");
  }

  private static boolean isInFocus(SubjectRegion region, Weighed weighed) {
    Plane detail = weighed.evidence().get(EvidencePlane.FINE_DETAIL.ordinal());
    double[] sum = new double[2];
    int[] count = {1, 1};
    for (int i = 0; i < detail.values().length; i++) {
      int side = region.subject()[i] ? 0 : 1;
      sum[side] += detail.values()[i];
      count[side]++;
    }
    return sum[0] / count[0] - sum[1] / count[1] > IN_FOCUS;
  }
}

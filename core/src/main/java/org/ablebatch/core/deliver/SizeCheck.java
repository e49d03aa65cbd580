package org.ablebatch.core.deliver;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import org.ablebatch.core.dress.SubjectMeasures;
import org.ablebatch.core.finding.Finding;
import org.ablebatch.core.finding.FindingKind;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.raster.Rect;

/**
 * Finds subjects that have fewer pixels than a spec needs. It stands apart from the inspector
 * because it says nothing of the cutout: a ticket changes, and with it what is too small.
 */
public final class SizeCheck {
  /** Less is not seen by anybody. */
  private static final double ENLARGED_FROM = 1.1;

  /** From twice on the enlarged picture looks soft beside its neighbours. */
  private static final double SOFT_FROM = 2;

  private static final double LEAST_SEVERITY = 0.3;

  /** A spec with what it makes of the batch's look. */
  private record Wearing(Spec spec, Look look) {}

  /** How many times a spec would enlarge. */
  private record Wanted(Spec spec, double scale) {}

  private final List<Wearing> specs;

  /**
   * @param specs what the ticket asks for
   * @param look the batch's
   */
  public SizeCheck(List<Spec> specs, Look look) {
    this.specs = specs.stream().map(spec -> new Wearing(spec, spec.lookWith(look))).toList();
  }

  /**
   * @param subject its measured box may be empty
   * @return the spec that would enlarge most, with how many times; empty when all are met
   */
  public List<Finding> find(SubjectMeasures subject) {
    Rect content = subject.content();
    if (content.width() == 0 || content.height() == 0) {
      return List.of();
    }
    return specs.stream()
        .map(one -> new Wanted(one.spec(), scale(one, subject)))
        .filter(wanted -> wanted.scale() > ENLARGED_FROM)
        .max(Comparator.comparingDouble(Wanted::scale))
        .map(wanted -> finding(content, wanted))
        .stream()
        .toList();
  }

  private static double scale(Wearing one, SubjectMeasures subject) {
    return Staging.wearing(one.look(), one.spec(), subject).enlargement();
  }

  private static Finding finding(Rect content, Wanted wanted) {
    double over = (wanted.scale() - ENLARGED_FROM) / (SOFT_FROM - ENLARGED_FROM);
    return new Finding(
        FindingKind.TOO_SMALL,
        content,
        wanted.scale(),
        LEAST_SEVERITY + (1 - LEAST_SEVERITY) * Math.min(1, over),
        String.format(
            Locale.ROOT,
            "%d × %d pixels of subject: “%s” would enlarge it %.1f times",
            content.width(),
            content.height(),
            wanted.spec().name(),
            wanted.scale()));
  }
}

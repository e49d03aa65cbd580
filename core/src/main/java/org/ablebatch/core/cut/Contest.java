package org.ablebatch.core.cut;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.ablebatch.core.backdrop.BackdropKind;
import org.ablebatch.core.judge.Judge;
import org.ablebatch.core.judge.RegionFacts;
import org.ablebatch.core.judge.Sight;
import org.ablebatch.core.scene.Scene;
import org.ablebatch.core.subject.SubjectRegion;
import org.ablebatch.core.subject.Weighed;
import org.ablebatch.core.work.Pulse;

/**
 * Ways to find the subject compete: where sight alone does not settle it, each that is worth trying
 * is carried out at reading size, and the judge takes the one that it expects least to be wrong of.
 */
public final class Contest {
  /** The order is what the judge learned; new ones go to the end. */
  private static final List<Method> WAYS =
      List.of(Method.WEIGHED, Method.PLAIN, Method.BUSY, Method.PERSON);

  private static final float PERSON_SEEN = 0.5f;
  private static final double LEAST_PERSON = 0.03;

  private final Scene scene;
  private final Weighed weighed;
  private final Pulse pulse;

  public Contest(Scene scene, Weighed weighed, Pulse pulse) {
    this.scene = scene;
    this.weighed = weighed;
    this.pulse = pulse;
  }

  /**
   * @param judge empty = nobody judges
   * @return every way that is worth trying
   */
  public List<Attempt> all(Optional<Judge> judge) {
    List<Attempt> out = new ArrayList<>();
    for (Method way : WAYS) {
      if (isWorthTrying(way)) {
        out.add(attempt(way, judge));
      }
    }
    return out;
  }

  /**
   * @return the tried ways, the best first
   */
  List<Attempt> ranked(Judge judge) {
    List<Attempt> all = new ArrayList<>();
    if (isWorthTrying(Method.PLAIN)) {
      Attempt smooth = attempt(Method.PLAIN, Optional.of(judge));
      if (Sight.isClear(scene, smooth.region())) {
        return List.of(smooth);
      }
      all.add(smooth);
    }
    for (Method way : WAYS) {
      if (way != Method.PLAIN && isWorthTrying(way)) {
        all.add(attempt(way, Optional.of(judge)));
      }
    }
    all.sort(Comparator.comparingDouble(Attempt::expectedError));
    return all;
  }

  private Attempt attempt(Method way, Optional<Judge> judge) {
    MethodChooser.Choice choice = new MethodChooser.Choice(way, "", Optional.empty());
    SubjectRegion region = Found.in(scene, Optional.of(weighed), choice, pulse).region();
    float[] facts = RegionFacts.of(region, weighed, WAYS.indexOf(way), WAYS.size());
    double expected =
        region.area() == 0 ? 1 : judge.map(one -> one.expectedError(facts)).orElse(Double.NaN);
    return new Attempt(way, region, facts, expected);
  }

  /** Empty for methods that the judge knows nothing of. */
  static OptionalDouble expectedError(Judge judge, Found found, Weighed weighed) {
    Method method =
        found.choice().method() == Method.UNEVEN ? Method.PLAIN : found.choice().method();
    int way = WAYS.indexOf(method);
    return way < 0
        ? OptionalDouble.empty()
        : OptionalDouble.of(
            judge.expectedError(RegionFacts.of(found.region(), weighed, way, WAYS.size())));
  }

  private boolean isWorthTrying(Method way) {
    return switch (way) {
      case PLAIN -> scene.backdrop().kind() != BackdropKind.BUSY;
      case PERSON -> scene.personPrior().isPresent() && personShare() > LEAST_PERSON;
      default -> true;
    };
  }

  private double personShare() {
    float[] person = scene.personPrior().get().values();
    int seen = 0;
    for (float p : person) {
      seen += p > PERSON_SEEN ? 1 : 0;
    }
    return seen / (double) person.length;
  }
}

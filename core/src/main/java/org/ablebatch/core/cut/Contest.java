package org.ablebatch.core.cut;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.ablebatch.core.backdrop.BackdropKind;
import org.ablebatch.core.judge.Continuation;
import org.ablebatch.core.judge.GlassJudge;
import org.ablebatch.core.judge.Judge;
import org.ablebatch.core.judge.RegionFacts;
import org.ablebatch.core.judge.Sight;
import org.ablebatch.core.matting.SeeThroughMatte;
import org.ablebatch.core.scene.Scene;
import org.ablebatch.core.subject.SeeThroughBody;
import org.ablebatch.core.subject.SubjectRegion;
import org.ablebatch.core.subject.Weighed;
import org.ablebatch.core.work.Pulse;

/**
 * Ways to find the subject compete: where sight alone does not settle it, each that is worth trying
 * is carried out at half the reading size, and the judge takes the one that it expects least to be
 * wrong of.
 */
public final class Contest {
  /** The order is what the judge learned; new ones go to the end. */
  private static final List<Method> WAYS =
      List.of(Method.WEIGHED, Method.PLAIN, Method.BUSY, Method.PERSON, Method.SEE_THROUGH);

  private static final float PERSON_SEEN = 0.5f;
  private static final double LEAST_PERSON = 0.03;

  /** Glass has at least so much of its surroundings' colours. */
  private static final double LEAST_ALIKE = 0.3;

  private final Scene scene;
  private final Scene half;
  private final Weighed weighed;
  private final Pulse pulse;

  /** The smooth way is carried out at reading size at once: mostly nothing else is needed. */
  private Optional<SubjectRegion> smooth = Optional.empty();

  /** Worked out when somebody asks. */
  private Continuation behind;

  /**
   * @param half the scene at half its size
   */
  public Contest(Scene scene, Scene half, Weighed weighed, Pulse pulse) {
    this.scene = scene;
    this.half = half;
    this.weighed = weighed;
    this.pulse = pulse;
  }

  /**
   * @param judge empty = nobody judges
   * @return every way that is worth trying
   */
  public List<Attempt> all(Optional<Judge> judge) {
    Map<Method, SubjectRegion> found = new EnumMap<>(Method.class);
    tryTheRest(found);
    return judged(found, judge);
  }

  /**
   * @param glass empty = nobody knows more of glass than the judge
   * @return the tried ways, the best first
   */
  List<Attempt> ranked(Judge judge, Optional<GlassJudge> glass) {
    Map<Method, SubjectRegion> found = new EnumMap<>(Method.class);
    if (isWorthTrying(Method.PLAIN)) {
      found.put(Method.PLAIN, halfRegion(Method.PLAIN));
    }
    boolean isClear = smooth.isPresent() && Sight.isClear(scene, smooth.get());
    if (!isClear) {
      tryTheRest(found);
    }
    List<Attempt> ranked =
        judged(found, Optional.of(judge)).stream()
            .sorted(Comparator.comparingDouble(Attempt::expectedError))
            .toList();
    return isClear ? ranked : glass.flatMap(one -> throughFirst(ranked, one)).orElse(ranked);
  }

  /** The body seen through before all others, where that is clearly better. */
  private Optional<List<Attempt>> throughFirst(List<Attempt> ranked, GlassJudge glass) {
    return seenThrough(ranked)
        .flatMap(
            attempt -> {
              double share = glass.wrongShare(attempt.judgedBy(), behind());
              return share < 1
                  ? Optional.of(before(ranked, attempt, share * ranked.get(0).expectedError()))
                  : Optional.empty();
            });
  }

  private static List<Attempt> before(List<Attempt> ranked, Attempt through, double expected) {
    List<Attempt> out = new ArrayList<>();
    out.add(
        new Attempt(
            through.method(), through.region(), through.facts(), through.overlaps(), expected));
    ranked.stream().filter(one -> one.method() != Method.SEE_THROUGH).forEach(out::add);
    return out;
  }

  /**
   * The body seen through; empty where nothing of what is behind it goes on within, or nothing of
   * it is solid.
   *
   * @param others what else was tried
   */
  public Optional<Attempt> seenThrough(List<Attempt> others) {
    if (!behind().speaksForGlass()) {
      return Optional.empty();
    }
    Map<Method, SubjectRegion> found = new EnumMap<>(Method.class);
    others.forEach(one -> found.put(one.method(), one.region()));
    found.computeIfAbsent(Method.SEE_THROUGH, this::halfRegion);
    return Optional.of(judged(Method.SEE_THROUGH, found, Optional.empty()))
        .filter(one -> one.region().area() > 0);
  }

  /** Whether what lies behind the subject goes on within it. */
  public Continuation behind() {
    if (behind == null) {
      behind = Continuation.in(weighed);
    }
    return behind;
  }

  private void tryTheRest(Map<Method, SubjectRegion> found) {
    for (Method way : WAYS) {
      if (!found.containsKey(way) && isWorthTrying(way)) {
        found.put(way, halfRegion(way));
      }
    }
  }

  private List<Attempt> judged(Map<Method, SubjectRegion> found, Optional<Judge> judge) {
    return WAYS.stream().filter(found::containsKey).map(way -> judged(way, found, judge)).toList();
  }

  private Attempt judged(Method way, Map<Method, SubjectRegion> found, Optional<Judge> judge) {
    SubjectRegion region = found.get(way);
    float[] facts = facts(way, region, weighed);
    float[] overlaps =
        RegionFacts.overlaps(
            region, WAYS.stream().map(one -> Optional.ofNullable(found.get(one))).toList());
    double expected =
        region.area() == 0
            ? 1
            : judge
                .map(one -> one.expectedError(Attempt.judgedBy(facts, overlaps)))
                .orElse(Double.NaN);
    return new Attempt(way, region, facts, overlaps, expected);
  }

  private static float[] facts(Method way, SubjectRegion region, Weighed weighed) {
    return RegionFacts.of(region, weighed, WAYS.indexOf(way), WAYS.size());
  }

  private SubjectRegion halfRegion(Method way) {
    if (way == Method.PLAIN) {
      smooth = Optional.of(find(way, scene, weighed));
      return smooth.get().halved();
    }
    return find(way, half, weighed.halved());
  }

  private SubjectRegion find(Method way, Scene where, Weighed evidence) {
    MethodChooser.Choice choice = new MethodChooser.Choice(way, "", Optional.empty());
    return Found.in(where, Optional.of(evidence), choice, pulse).region();
  }

  /**
   * How much of every pixel an attempt would keep, at half the reading size.
   *
   * @return 0..1
   */
  public float[] coverage(Attempt attempt) {
    boolean[] kept = attempt.region().subject();
    if (attempt.method() == Method.SEE_THROUGH) {
      return SeeThroughMatte.coverage(
          half, kept, SeeThroughBody.in(half.guessing(half.closerPrior())).body());
    }
    float[] out = new float[kept.length];
    for (int i = 0; i < out.length; i++) {
      out[i] = kept[i] ? 1 : 0;
    }
    return out;
  }

  /** What the judge takes, at reading size. */
  public SubjectRegion best(Judge judge) {
    return atReadingSize(ranked(judge, Optional.empty()).get(0));
  }

  /** What was tried, at reading size. */
  SubjectRegion atReadingSize(Attempt attempt) {
    return attempt.method() == Method.PLAIN
        ? smooth.orElseThrow()
        : find(attempt.method(), scene, weighed);
  }

  /** What can be seen of a region; empty for methods that the judge knows nothing of. */
  static Optional<float[]> facts(Found found, Weighed weighed) {
    Method method = way(found.choice().method());
    return knows(method)
        ? Optional.of(facts(method, found.region().halved(), weighed))
        : Optional.empty();
  }

  /** Whether the method is one of the ways that compete. */
  static boolean knows(Method method) {
    return WAYS.contains(way(method));
  }

  /** Even light or not, the smooth way is one. */
  private static Method way(Method method) {
    return method == Method.UNEVEN ? Method.PLAIN : method;
  }

  private boolean isWorthTrying(Method way) {
    return switch (way) {
      case PLAIN -> scene.backdrop().kind() != BackdropKind.BUSY;
      case SEE_THROUGH -> weighed.alikeInside() > LEAST_ALIKE;
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

package org.ablebatch.core.cut;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.ablebatch.core.check.Confidence;
import org.ablebatch.core.judge.Forecast;
import org.ablebatch.core.judge.GlassJudge;
import org.ablebatch.core.judge.Judge;
import org.ablebatch.core.matting.BandMatting;
import org.ablebatch.core.prior.EvidenceNetwork;
import org.ablebatch.core.prior.LearnedTrees;
import org.ablebatch.core.prior.Lesson;
import org.ablebatch.core.prior.Priors;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.scene.Scene;
import org.ablebatch.core.subject.SubjectRegion;
import org.ablebatch.core.subject.Weighed;
import org.ablebatch.core.work.Pulse;

/** Finds the subject by the method that was asked for, or by the best of those that compete. */
final class Search {
  /** What the chooser is sure of by itself is not contested: ink, flat art, glass, an empty set. */
  private static final Set<Method> CONTESTED = EnumSet.of(Method.PLAIN, Method.UNEVEN, Method.BUSY);

  private final Scene scene;
  private final Scene half;
  private final Pulse pulse;
  private final Optional<Judge> judge;
  private final Optional<GlassJudge> glass;
  private final Optional<Forecast> forecast;
  private final Optional<EvidenceNetwork> evidence;
  private final Optional<LearnedTrees> strands;
  private Optional<Weighed> weighed = Optional.empty();
  private List<Attempt> tried = List.of();
  private Optional<SubjectRegion> best = Optional.empty();

  Search(Scene scene, Priors priors, Pulse pulse) {
    this.scene = scene;
    this.half = scene.halved();
    this.pulse = pulse;
    this.judge = priors.trees(Lesson.JUDGE).map(Judge::new);
    this.glass = priors.trees(Lesson.GLASS).map(GlassJudge::new);
    this.forecast = priors.trees(Lesson.FORECAST).map(Forecast::new);
    this.evidence = priors.evidence();
    this.strands = priors.trees(Lesson.STRANDS);
  }

  Found by(Method asked) {
    MethodChooser.Choice choice = MethodChooser.choose(asked, scene, half);
    weigh(choice.method());
    if (asked == Method.AUTO
        && CONTESTED.contains(choice.method())
        && weighed.isPresent()
        && judge.isPresent()) {
      return contested();
    }
    return carriedOut(choice);
  }

  /** By a way that somebody has chosen already. */
  Found along(MethodChooser.Choice way) {
    weigh(way.method());
    return carriedOut(way);
  }

  private void weigh(Method method) {
    if (Contest.knows(method)) {
      weighed = evidence.map(network -> Weighed.in(scene, half, network));
      pulse.beat();
    }
  }

  private Found carriedOut(MethodChooser.Choice choice) {
    Found found = Found.in(scene, weighed, choice, pulse);
    return found.choice().method() == Method.FLAT && found.region().area() == 0
        ? found.inFaintColours(scene, pulse)
        : found;
  }

  private Found contested() {
    Contest contest = new Contest(scene, half, weighed.get(), pulse);
    tried = contest.ranked(judge.get(), glass);
    SubjectRegion region = contest.atReadingSize(tried.get(0));
    best = Optional.of(region);
    return new Found(region, Verdict.of(tried, scene, weighed.get()));
  }

  /** How much of a pixel among strands is subject; empty where nobody learned that. */
  Optional<LearnedTrees> strands() {
    return strands;
  }

  /** Every way that was carried out, the best first; empty when nothing competed. */
  List<Attempt> tried() {
    return tried;
  }

  /** What else can be thought of the picture; empty where nothing weighed the evidence. */
  Optional<Opinions> opinions() {
    return weighed.map(
        all ->
            new Opinions(
                all.half(),
                half.closerPrior(),
                half.personPrior(),
                all.evidence(),
                tried.stream()
                    .map(one -> new Opinions.Way(asPlane(one.region()), one.expectedError()))
                    .toList()));
  }

  private static Plane asPlane(SubjectRegion region) {
    Plane out = new Plane(region.width(), region.height());
    for (int i = 0; i < out.values().length; i++) {
      out.values()[i] = region.subject()[i] ? 1 : 0;
    }
    return out;
  }

  /** In a region that was found here, perhaps changed since, and in its matte. */
  Confidence confidence(Found found, BandMatting.Result matte) {
    Confidence seen = found.confidence(scene, matte);
    return weighed
        .flatMap(all -> facts(found, all))
        .flatMap(facts -> forecast.map(one -> one.of(facts, seen)))
        .orElse(seen);
  }

  /** The facts that the judge went by, unless somebody changed the region since. */
  private Optional<float[]> facts(Found found, Weighed all) {
    return best.filter(region -> Arrays.equals(region.subject(), found.region().subject()))
        .map(region -> tried.get(0).facts())
        .or(() -> Contest.facts(found, all));
  }
}

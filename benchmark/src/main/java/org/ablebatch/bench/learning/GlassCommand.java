package org.ablebatch.bench.learning;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.ablebatch.bench.accuracy.TestSet;
import org.ablebatch.core.cut.Attempt;
import org.ablebatch.core.cut.Contest;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.judge.GlassJudge;
import org.ablebatch.core.prior.Priors;
import org.ablebatch.core.scene.Scene;
import org.ablebatch.core.subject.Weighed;
import org.ablebatch.core.work.Pulse;
import org.ablebatch.prior.LearnedPriors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

@Command(
    name = "glass",
    mixinStandardHelpOptions = true,
    description =
        "Writes what can be seen of bodies that may be glass, with what is wrong of them seen"
            + " through and as a solid thing beside it.")
public final class GlassCommand implements Callable<Integer> {
  @Parameters(index = "0", paramLabel = "SET", description = "Pictures and mattes.")
  private Path folder;

  @Parameters(index = "1", paramLabel = "OUT", description = "A file of comma-separated values.")
  private Path out;

  @Override
  public Integer call() throws Exception {
    Lines.write(folder, out, GlassCommand::lines);
    return 0;
  }

  private static List<String> lines(TestSet set, TestSet.Entry entry) throws Exception {
    Priors priors = LearnedPriors.shared();
    Scene scene = Scene.read(set.picture(entry), Scene.READING_PIXELS, priors);
    Scene half = scene.halved();
    Weighed weighed = Weighed.in(scene, half, priors.evidence().orElseThrow());
    Contest contest = new Contest(scene, half, weighed, Pulse.NONE);
    List<Attempt> others = contest.all(Optional.empty());
    float[] truth = Truth.on(set.truth(entry), half.width(), half.height());
    double solid = wrong(contest, by(Method.WEIGHED, others), truth);
    return contest
        .seenThrough(others)
        .map(
            through ->
                Lines.line(
                    entry.name(),
                    through.method().wireName(),
                    new double[] {wrong(contest, through, truth), solid},
                    GlassJudge.facts(through.judgedBy(), contest.behind())))
        .stream()
        .toList();
  }

  private static Attempt by(Method method, List<Attempt> attempts) {
    return attempts.stream().filter(one -> one.method() == method).findFirst().orElseThrow();
  }

  private static double wrong(Contest contest, Attempt attempt, float[] truth) {
    return Truth.error(contest.coverage(attempt), truth);
  }
}

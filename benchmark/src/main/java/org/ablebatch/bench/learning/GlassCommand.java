package org.ablebatch.bench.learning;

import java.util.List;
import java.util.Optional;
import org.ablebatch.bench.accuracy.TestSet;
import org.ablebatch.core.cut.Attempt;
import org.ablebatch.core.cut.Contest;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.judge.GlassJudge;
import picocli.CommandLine.Command;

@Command(
    name = "glass",
    mixinStandardHelpOptions = true,
    description =
        "Writes what can be seen of bodies that may be glass, with what is wrong of them seen"
            + " through and as a solid thing beside it.")
public final class GlassCommand extends TableCommand {
  @Override
  List<String> lines(TestSet set, TestSet.Entry entry) throws Exception {
    Contested picture = Contested.in(set.picture(entry));
    Contest contest = picture.contest();
    List<Attempt> others = contest.all(Optional.empty());
    float[] truth = Truth.on(set.truth(entry), picture.half().width(), picture.half().height());
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

package org.ablebatch.bench.learning;

import java.util.List;
import java.util.Optional;
import org.ablebatch.bench.accuracy.TestSet;
import org.ablebatch.core.cut.Attempt;
import org.ablebatch.core.cut.Contest;
import picocli.CommandLine.Command;

/** {@code bench judgements}: every way on every picture, its facts, and how wrong it was. */
@Command(
    name = "judgements",
    mixinStandardHelpOptions = true,
    description = "Writes what can be seen of every way's region, with its true error beside it.")
public final class JudgementsCommand extends TableCommand {
  @Override
  List<String> lines(TestSet set, TestSet.Entry entry) throws Exception {
    Contested picture = Contested.in(set.picture(entry));
    Contest contest = picture.contest();
    float[] truth = Truth.on(set.truth(entry), picture.half().width(), picture.half().height());
    return contest.all(Optional.empty()).stream()
        .map(attempt -> line(entry.name(), attempt, contest.coverage(attempt), truth))
        .toList();
  }

  private static String line(String name, Attempt attempt, float[] kept, float[] truth) {
    double[] measures = {Truth.error(kept, truth), overlap(kept, truth)};
    return Lines.line(name, attempt.method().wireName(), measures, attempt.judgedBy());
  }

  private static double overlap(float[] kept, float[] truth) {
    int both = 0;
    int either = 1;
    for (int i = 0; i < truth.length; i++) {
      boolean t = truth[i] > 127;
      boolean k = kept[i] > 0.5f;
      both += k && t ? 1 : 0;
      either += k || t ? 1 : 0;
    }
    return both / (double) either;
  }
}

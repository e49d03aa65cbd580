package org.ablebatch.bench.learning;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.ablebatch.bench.accuracy.TestSet;
import org.ablebatch.core.cut.Attempt;
import org.ablebatch.core.cut.Contest;
import org.ablebatch.core.prior.Priors;
import org.ablebatch.core.scene.Scene;
import org.ablebatch.core.subject.Weighed;
import org.ablebatch.core.work.Pulse;
import org.ablebatch.prior.LearnedPriors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

/** {@code bench judgements}: every way on every picture, its facts, and how wrong it was. */
@Command(
    name = "judgements",
    mixinStandardHelpOptions = true,
    description = "Writes what can be seen of every way's region, with its true error beside it.")
public final class JudgementsCommand implements Callable<Integer> {
  @Parameters(index = "0", paramLabel = "SET", description = "Pictures and mattes.")
  private Path folder;

  @Parameters(index = "1", paramLabel = "OUT", description = "A file of comma-separated values.")
  private Path out;

  @Override
  public Integer call() throws Exception {
    Lines.write(folder, out, JudgementsCommand::lines);
    return 0;
  }

  private static List<String> lines(TestSet set, TestSet.Entry entry) throws Exception {
    Priors priors = LearnedPriors.shared();
    Scene scene = Scene.read(set.picture(entry), Scene.READING_PIXELS, priors);
    Scene half = scene.halved();
    Weighed weighed = Weighed.in(scene, half, priors.evidence().orElseThrow());
    float[] truth = Truth.on(set.truth(entry), half.width(), half.height());
    Contest contest = new Contest(scene, half, weighed, Pulse.NONE);
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

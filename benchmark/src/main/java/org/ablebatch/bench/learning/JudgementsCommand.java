package org.ablebatch.bench.learning;

import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
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
  private static final int READING_PIXELS = 400_000;

  @Parameters(index = "0", paramLabel = "SET", description = "Pictures and mattes.")
  private Path folder;

  @Parameters(index = "1", paramLabel = "OUT", description = "A file of comma-separated values.")
  private Path out;

  @Override
  public Integer call() throws Exception {
    TestSet set = TestSet.in(folder);
    try (PrintStream to =
        new PrintStream(Files.newOutputStream(out), false, StandardCharsets.UTF_8)) {
      set.entries().parallelStream().forEach(entry -> write(set, entry, to));
    }
    return 0;
  }

  private static void write(TestSet set, TestSet.Entry entry, PrintStream to) {
    try {
      Priors priors = LearnedPriors.shared();
      Scene scene = Scene.read(set.picture(entry), READING_PIXELS, priors);
      Weighed weighed = Weighed.in(scene, priors.evidence().orElseThrow());
      float[] truth = Truth.on(set.truth(entry), scene.width(), scene.height());
      List<Attempt> all = new Contest(scene, weighed, Pulse.NONE).all(Optional.empty());
      all.forEach(attempt -> write(entry.name(), attempt, truth, to));
    } catch (Exception e) {
      throw new IllegalStateException(entry.name(), e);
    }
  }

  private static void write(String name, Attempt attempt, float[] truth, PrintStream to) {
    StringBuilder line = new StringBuilder(name);
    line.append(',').append(attempt.method().wireName());
    add(line, error(attempt.region().subject(), truth));
    add(line, overlap(attempt.region().subject(), truth));
    for (float fact : attempt.facts()) {
      add(line, fact);
    }
    to.println(line);
  }

  private static void add(StringBuilder line, double value) {
    line.append(String.format(Locale.ROOT, ",%.5g", value));
  }

  /** What is wrong as a share of the subject, 0..1. */
  private static double error(boolean[] region, float[] truth) {
    double wrong = 0;
    double subject = 1;
    for (int i = 0; i < truth.length; i++) {
      float t = truth[i] / 255;
      wrong += Math.abs((region[i] ? 1 : 0) - t);
      subject += t;
    }
    return Math.min(1, wrong / subject);
  }

  private static double overlap(boolean[] region, float[] truth) {
    int both = 0;
    int either = 1;
    for (int i = 0; i < truth.length; i++) {
      boolean t = truth[i] > 127;
      both += region[i] && t ? 1 : 0;
      either += region[i] || t ? 1 : 0;
    }
    return both / (double) either;
  }
}

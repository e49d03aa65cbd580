package org.ablebatch.bench.learning;

import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.concurrent.Callable;
import org.ablebatch.bench.accuracy.Measures;
import org.ablebatch.bench.accuracy.TestSet;
import org.ablebatch.core.cut.CutOutcome;
import org.ablebatch.core.cut.CutProgress;
import org.ablebatch.core.cut.Cutter;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.judge.Forecast;
import org.ablebatch.prior.LearnedPriors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

/** {@code bench outcomes}: finished cutouts, what can be seen of them, and what they are worth. */
@Command(
    name = "outcomes",
    mixinStandardHelpOptions = true,
    description = "Cuts every picture and writes what can be seen of it, with what it is worth.")
public final class OutcomesCommand implements Callable<Integer> {
  @Parameters(index = "0", paramLabel = "SET", description = "Pictures and mattes.")
  private Path folder;

  @Parameters(index = "1", paramLabel = "OUT", description = "A file of comma-separated values.")
  private Path out;

  @Override
  public Integer call() throws Exception {
    TestSet set = TestSet.in(folder);
    Cutter cutter = new Cutter(LearnedPriors.shared());
    try (PrintStream to =
        new PrintStream(Files.newOutputStream(out), false, StandardCharsets.UTF_8)) {
      set.entries().parallelStream().forEach(entry -> write(cutter, set, entry, to));
    }
    return 0;
  }

  /** Where nothing competed there is nothing to learn. */
  private static void write(Cutter cutter, TestSet set, TestSet.Entry entry, PrintStream to) {
    try {
      CutOutcome outcome = cutter.cut(set.picture(entry), Method.AUTO, CutProgress.NONE);
      if (outcome instanceof CutOutcome.Done done && !done.tried().isEmpty()) {
        to.println(line(entry.name(), done, Measures.of(set.truth(entry), done.cutout().matte())));
      }
    } catch (Exception e) {
      throw new IllegalStateException(entry.name(), e);
    }
  }

  private static String line(String name, CutOutcome.Done done, Measures measures) {
    StringBuilder line = new StringBuilder(name);
    line.append(',').append(done.method().wireName());
    add(line, measures.matteError());
    add(line, measures.iou());
    add(line, done.confidence().percent());
    add(line, done.tried().get(0).expectedError());
    for (float fact : Forecast.facts(done.tried().get(0).facts(), done.confidence())) {
      add(line, fact);
    }
    return line.toString();
  }

  private static void add(StringBuilder line, double value) {
    line.append(String.format(Locale.ROOT, ",%.5g", value));
  }
}

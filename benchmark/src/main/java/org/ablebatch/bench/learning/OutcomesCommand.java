package org.ablebatch.bench.learning;

import java.util.List;
import org.ablebatch.bench.accuracy.Measures;
import org.ablebatch.bench.accuracy.TestSet;
import org.ablebatch.core.cut.Attempt;
import org.ablebatch.core.cut.CutOutcome;
import org.ablebatch.core.cut.CutProgress;
import org.ablebatch.core.cut.Cutter;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.judge.Forecast;
import org.ablebatch.core.prior.Lesson;
import org.ablebatch.prior.LearnedPriors;
import picocli.CommandLine.Command;

/** {@code bench outcomes}: finished cutouts, what can be seen of them, and what they are worth. */
@Command(
    name = "outcomes",
    mixinStandardHelpOptions = true,
    description = "Cuts every picture and writes what can be seen of it, with what it is worth.")
public final class OutcomesCommand extends TableCommand {
  /** The forecast is what is to be learned, so nobody gives one meanwhile. */
  private final Cutter cutter = new Cutter(LearnedPriors.shared().without(Lesson.FORECAST));

  /** Where nothing competed there is nothing to learn. */
  @Override
  List<String> lines(TestSet set, TestSet.Entry entry) throws Exception {
    CutOutcome outcome = cutter.cut(set.picture(entry), Method.AUTO, CutProgress.NONE);
    return outcome instanceof CutOutcome.Done done && !done.tried().isEmpty()
        ? List.of(line(entry.name(), done, Measures.of(set.truth(entry), done.cutout().matte())))
        : List.of();
  }

  private static String line(String name, CutOutcome.Done done, Measures measures) {
    Attempt best = done.tried().get(0);
    double[] worth = {
      measures.matteError(), measures.iou(), done.confidence().percent(), best.expectedError()
    };
    float[] facts = Forecast.facts(best.facts(), done.confidence());
    return Lines.line(name, done.method().wireName(), worth, facts);
  }
}

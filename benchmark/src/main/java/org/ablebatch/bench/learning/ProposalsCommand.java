package org.ablebatch.bench.learning;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import org.ablebatch.bench.accuracy.TestSet;
import org.ablebatch.bench.mending.Worth;
import org.ablebatch.core.cut.CutOutcome;
import org.ablebatch.core.cut.CutProgress;
import org.ablebatch.core.cut.Cutter;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.finding.Expectations;
import org.ablebatch.core.mend.Means;
import org.ablebatch.core.mend.Mender;
import org.ablebatch.core.proposal.Examiner;
import org.ablebatch.core.proposal.Proposal;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.prior.LearnedPriors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

/** {@code bench proposals}: every mend that could be proposed, and what it would be worth. */
@Command(
    name = "proposals",
    mixinStandardHelpOptions = true,
    description =
        "Cuts every picture, carries out every mend that could be proposed, each by itself, and"
            + " writes what can be seen of it with what it is worth.")
public final class ProposalsCommand implements Callable<Integer> {
  @Parameters(index = "0", paramLabel = "SET", description = "Pictures and mattes.")
  private Path folder;

  @Parameters(index = "1", paramLabel = "OUT", description = "A file of comma-separated values.")
  private Path out;

  private final Cutter cutter = new Cutter(LearnedPriors.shared());

  private final Mender mender =
      new Mender(
          new Means(
              cutter,
              id -> {
                throw new IllegalArgumentException("no mend takes from another version");
              }));

  @Override
  public Integer call() throws Exception {
    Lines.write(folder, out, this::lines);
    return 0;
  }

  private List<String> lines(TestSet set, TestSet.Entry entry) throws Exception {
    Picture picture = set.picture(entry);
    List<String> lines = new ArrayList<>();
    if (cutter.cut(picture, Method.AUTO, CutProgress.NONE) instanceof CutOutcome.Done done) {
      Matte truth = set.truth(entry);
      List<Proposal> all =
          Examiner.all(picture, done.cutout(), Expectations.of(done.method()), done.opinions());
      for (Proposal one : all) {
        Cutout after = mender.replay(picture, done.cutout(), List.of(one.edit()));
        Worth worth = Worth.of(done.cutout().matte(), after.matte(), truth);
        lines.add(
            Lines.line(
                entry.name(),
                one.finding().kind().wireName(),
                new double[] {worth.gain(), worth.changed(), worth.wrongBefore()},
                one.facts()));
      }
    }
    return lines;
  }
}

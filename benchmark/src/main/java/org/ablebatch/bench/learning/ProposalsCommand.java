package org.ablebatch.bench.learning;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.ablebatch.bench.accuracy.TestSet;
import org.ablebatch.bench.faults.Fault;
import org.ablebatch.bench.faults.Good;
import org.ablebatch.bench.faults.Planted;
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
import org.ablebatch.core.raster.Rect;
import org.ablebatch.prior.LearnedPriors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/** {@code bench proposals}: every mend that could be proposed, and what it would be worth. */
@Command(
    name = "proposals",
    mixinStandardHelpOptions = true,
    description =
        "Cuts every picture, carries out every mend that could be proposed, each by itself, and"
            + " writes what can be seen of it with what it is worth.")
public final class ProposalsCommand extends TableCommand {
  @Option(
      names = "--planted",
      description = "Of good cutouts with a fault by hand, instead of the engine’s own.")
  private boolean planted;

  /** What happens to a cutout under a hand; the photograph stays as it is. */
  private static final List<Fault> BY_HAND =
      List.of(Fault.ISLAND, Fault.LIMB, Fault.HOLE, Fault.GAP, Fault.HAZE);

  private final Cutter cutter = new Cutter(LearnedPriors.shared());

  private final Mender mender = new Mender(Means.withoutVersions(cutter));

  @Override
  List<String> lines(TestSet set, TestSet.Entry entry) throws Exception {
    Picture picture = set.picture(entry);
    if (!(cutter.cut(picture, Method.AUTO, CutProgress.NONE) instanceof CutOutcome.Done done)) {
      return List.of();
    }
    Matte truth = set.truth(entry);
    List<String> lines = new ArrayList<>();
    if (!planted) {
      add(lines, entry.name(), picture, done.cutout(), truth, done, picture.bounds());
      return lines;
    }
    Good good = Good.of(picture, truth);
    for (Fault fault : BY_HAND) {
      Planted spoiled = fault.plant(good, entry.name());
      if (spoiled != null) {
        String name = entry.name() + "-" + fault.name().toLowerCase(Locale.ROOT);
        add(lines, name, picture, spoiled.cutout(), truth, done, spoiled.place());
      }
    }
    return lines;
  }

  /**
   * @param place only what is found there
   */
  private void add(
      List<String> lines,
      String name,
      Picture picture,
      Cutout cutout,
      Matte truth,
      CutOutcome.Done done,
      Rect place) {
    for (Proposal one :
        Examiner.all(picture, cutout, Expectations.of(done.method()), done.opinions())) {
      if (one.finding().box().intersect(place).isEmpty()) {
        continue;
      }
      Cutout after = mender.replay(picture, cutout, List.of(one.edit()));
      Worth worth = Worth.of(cutout.matte(), after.matte(), truth);
      lines.add(
          Lines.line(
              name,
              one.finding().kind().wireName(),
              new double[] {worth.gain(), worth.changed(), worth.wrongBefore()},
              one.facts()));
    }
  }
}

package org.ablebatch.bench.mending;

import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import org.ablebatch.bench.accuracy.TestSet;
import org.ablebatch.bench.faults.Fault;
import org.ablebatch.bench.faults.Good;
import org.ablebatch.bench.faults.Planted;
import org.ablebatch.core.cut.CutOutcome;
import org.ablebatch.core.cut.CutProgress;
import org.ablebatch.core.cut.Cutter;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.mend.Edit;
import org.ablebatch.core.mend.Means;
import org.ablebatch.core.mend.Mender;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.prior.LearnedPriors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code bench mending}: plants faults, mends each with one gesture, and measures what is left. */
@Command(
    name = "mending",
    mixinStandardHelpOptions = true,
    description = "How much of a planted fault one natural gesture leaves.")
public final class MendingCommand implements Callable<Integer> {
  @Parameters(paramLabel = "SET", description = "Folder with manifest.json, pictures and mattes.")
  private Path folder;

  @Option(names = "--only", split = ",", paramLabel = "NAME", description = "Only these pictures.")
  private List<String> only = List.of();

  @Option(names = "--fault", split = ",", description = "Only these: ${COMPLETION-CANDIDATES}.")
  private List<Fault> faults = List.of(Fault.values());

  @Option(names = "--strands", description = "Instead: the strand brush on the engine's cutouts.")
  private boolean strands;

  @Option(
      names = "--engine",
      description = "Plants the faults into the engine's own cutouts, not into exact ones.")
  private boolean intoEngine;

  private final Cutter cutter = new Cutter(LearnedPriors.shared());
  private final Mender mender = new Mender(new Means(cutter, null));

  @Override
  public Integer call() throws Exception {
    TestSet set = TestSet.in(folder);
    List<TestSet.Entry> entries =
        set.entries().stream().filter(e -> only.isEmpty() || only.contains(e.name())).toList();
    if (strands) {
      StrandTable table = new StrandTable();
      for (TestSet.Entry entry : entries) {
        table.add(entry.name(), set.picture(entry), set.truth(entry));
      }
      return 0;
    }
    MendingTable table = new MendingTable();
    for (TestSet.Entry entry : entries) {
      Good exact = Good.of(set.picture(entry), set.truth(entry));
      Good begun = intoEngine ? byEngine(exact) : exact;
      if (begun != null) {
        mendAll(entry.name(), exact, begun, table);
      }
    }
    table.print();
    return 0;
  }

  /** Null when the engine finds no subject. */
  private Good byEngine(Good exact) {
    return cutter.cut(exact.photograph(), Method.AUTO, CutProgress.NONE)
            instanceof CutOutcome.Done done
        ? exact.with(done.cutout())
        : null;
  }

  private void mendAll(String name, Good exact, Good begun, MendingTable table) {
    for (Fault fault : faults) {
      boolean fits = Gesture.canMend(fault) && !fault.isThereAlready(begun);
      Planted planted = fits ? fault.plant(begun, name) : null;
      if (planted != null) {
        Gesture gesture = Gesture.of(fault, begun, FaultShape.of(begun, planted));
        table.add(name, mend(fault, exact, begun, planted, gesture));
      }
    }
  }

  private Mended mend(Fault fault, Good exact, Good begun, Planted planted, Gesture gesture) {
    double best = Double.MAX_VALUE;
    long began = System.nanoTime();
    for (Edit edit : gesture.tries()) {
      Cutout mended = mender.replay(planted.photograph(), planted.cutout(), List.of(edit));
      best = Math.min(best, error(fault, exact, mended));
    }
    long millis = (System.nanoTime() - began) / 1_000_000 / gesture.tries().size();
    return new Mended(
        fault,
        gesture.words(),
        error(fault, exact, begun.cutout()),
        error(fault, exact, planted.cutout()),
        best,
        millis);
  }

  /** Of coverage, or for spill of the colours that are kept; times 100. */
  private static double error(Fault fault, Good good, Cutout cutout) {
    return fault == Fault.SPILL ? colourError(good, cutout) : coverageError(good, cutout);
  }

  private static double coverageError(Good good, Cutout cutout) {
    byte[] truth = good.cutout().matte().coverage();
    long sum = 0;
    for (int i = 0; i < truth.length; i++) {
      sum += Math.abs((truth[i] & 0xFF) - (cutout.matte().coverage()[i] & 0xFF));
    }
    return sum / (2.55 * truth.length);
  }

  private static double colourError(Good good, Cutout cutout) {
    byte[] truth = good.cutout().matte().coverage();
    double sum = 0;
    for (int i = 0; i < truth.length; i++) {
      int a = good.cutout().colours().argb()[i];
      int b = cutout.colours().argb()[i];
      int apart =
          Math.abs((a >> 16 & 0xFF) - (b >> 16 & 0xFF))
              + Math.abs((a >> 8 & 0xFF) - (b >> 8 & 0xFF))
              + Math.abs((a & 0xFF) - (b & 0xFF));
      sum += apart / 3.0 * (truth[i] & 0xFF) / 255;
    }
    return sum / (2.55 * truth.length);
  }
}

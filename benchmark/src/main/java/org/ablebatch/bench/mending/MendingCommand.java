package org.ablebatch.bench.mending;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import org.ablebatch.bench.accuracy.TestSet;
import org.ablebatch.bench.faults.Fault;
import org.ablebatch.bench.faults.Good;
import org.ablebatch.bench.faults.Planted;
import org.ablebatch.core.mend.Edit;
import org.ablebatch.core.mend.Means;
import org.ablebatch.core.mend.Mender;
import org.ablebatch.core.raster.Cutout;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code bench mending}: plants faults, mends each with one gesture, and measures what is left. */
@Command(
    name = "mending",
    mixinStandardHelpOptions = true,
    description = "How much of a planted fault one natural gesture leaves.")
public final class MendingCommand implements Callable<Integer> {
  private static final double MENDED = 0.2;

  @Parameters(paramLabel = "SET", description = "Folder with manifest.json, pictures and mattes.")
  private Path folder;

  @Option(names = "--only", split = ",", paramLabel = "NAME", description = "Only these pictures.")
  private List<String> only = List.of();

  @Option(names = "--fault", split = ",", description = "Only these: ${COMPLETION-CANDIDATES}.")
  private List<Fault> faults = List.of(Fault.values());

  @Option(names = "--strands", description = "Instead: the strand brush on the engine's cutouts.")
  private boolean strands;

  /** One fault over all pictures: the shares that were left, and how long the edit took. */
  private static final class Tally {
    private String words = "";
    private final List<Double> left = new ArrayList<>();
    private final List<Long> millis = new ArrayList<>();
  }

  @Override
  public Integer call() throws Exception {
    TestSet set = TestSet.in(folder);
    if (strands) {
      StrandTable table = new StrandTable();
      for (TestSet.Entry entry : set.entries()) {
        if (only.isEmpty() || only.contains(entry.name())) {
          table.add(entry.name(), set.picture(entry), set.truth(entry));
        }
      }
      return 0;
    }
    Map<Fault, Tally> tallies = new EnumMap<>(Fault.class);
    Mender mender = new Mender(new Means(null, null));
    for (TestSet.Entry entry : set.entries()) {
      if (!only.isEmpty() && !only.contains(entry.name())) {
        continue;
      }
      Good good = Good.of(set.picture(entry), set.truth(entry));
      for (Fault fault : faults) {
        if (!Gesture.canMend(fault) || fault.isThereAlready(good)) {
          continue;
        }
        Planted planted = fault.plant(good, entry.name());
        if (planted != null) {
          Gesture gesture = Gesture.of(fault, good, FaultShape.of(good, planted));
          measure(entry.name(), fault, good, planted, gesture, mender, tallies);
        }
      }
    }
    print(tallies);
    return 0;
  }

  private static void measure(
      String name,
      Fault fault,
      Good good,
      Planted planted,
      Gesture gesture,
      Mender mender,
      Map<Fault, Tally> tallies) {
    double before = error(fault, good, planted.cutout());
    double best = Double.MAX_VALUE;
    long began = System.nanoTime();
    for (Edit edit : gesture.tries()) {
      Cutout mended = mender.replay(planted.photograph(), planted.cutout(), List.of(edit));
      best = Math.min(best, error(fault, good, mended));
    }
    long millis = (System.nanoTime() - began) / 1_000_000 / gesture.tries().size();
    double left = best / before;
    System.err.printf(
        Locale.ROOT, "%-18s %-9s left %.2f of %.3f, %d ms%n", name, fault, left, before, millis);
    Tally tally = tallies.computeIfAbsent(fault, key -> new Tally());
    tally.words = gesture.words();
    tally.left.add(left);
    tally.millis.add(millis);
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

  private static void print(Map<Fault, Tally> tallies) {
    System.out.println(
        "| Planted | Gesture | Pictures | Left, median | Mended to a fifth | Time |");
    System.out.println("|---|---|---|---|---|---|");
    tallies.forEach(
        (fault, tally) -> {
          List<Double> left = tally.left.stream().sorted().toList();
          List<Long> millis = tally.millis.stream().sorted().toList();
          System.out.printf(
              Locale.ROOT,
              "| %s | %s | %d | %.2f | %d | %d ms |%n",
              fault.words(),
              tally.words,
              left.size(),
              left.get(left.size() / 2),
              left.stream().filter(share -> share <= MENDED).count(),
              millis.get(millis.size() / 2));
        });
  }
}

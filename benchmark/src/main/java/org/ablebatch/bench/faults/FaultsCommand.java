package org.ablebatch.bench.faults;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import org.ablebatch.bench.accuracy.TestSet;
import org.ablebatch.core.finding.Expectations;
import org.ablebatch.core.finding.Finding;
import org.ablebatch.core.finding.FindingKind;
import org.ablebatch.core.finding.Inspector;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code bench faults}: plants every fault into every exact matte and lets the inspector look. */
@Command(
    name = "faults",
    mixinStandardHelpOptions = true,
    description = "Precision and recall of the findings, per planted fault.")
public final class FaultsCommand implements Callable<Integer> {
  @Parameters(paramLabel = "SET", description = "Folder with manifest.json, pictures and mattes.")
  private Path folder;

  @Option(names = "--only", split = ",", paramLabel = "NAME", description = "Only these pictures.")
  private List<String> only = List.of();

  @Option(names = "--fault", split = ",", description = "Only these: ${COMPLETION-CANDIDATES}.")
  private List<Fault> faults = List.of(Fault.values());

  @Option(
      names = "--engine",
      description = "What is found in the engine’s own cutouts, and what the mends are worth.")
  private boolean engine;

  /** What came of one fault over all pictures. */
  private static final class Tally {
    private int planted;
    private int found;
    private int falseAlarms;
    private int faultless;
  }

  @Override
  public Integer call() throws Exception {
    TestSet set = TestSet.in(folder);
    if (engine) {
      new EngineFaults().measure(set, only);
      return 0;
    }
    Map<Fault, Tally> tallies = new EnumMap<>(Fault.class);
    faults.forEach(fault -> tallies.put(fault, new Tally()));
    List<Long> millis = new ArrayList<>();
    for (TestSet.Entry entry : set.entries()) {
      if (only.isEmpty() || only.contains(entry.name())) {
        Good good = Good.of(set.picture(entry), set.truth(entry));
        measure(entry, good, tallies, millis);
      }
    }
    print(tallies);
    millis.sort(null);
    System.out.printf(
        Locale.ROOT, "%nInspection takes %d ms (median)%n", millis.get(millis.size() / 2));
    return 0;
  }

  private void measure(
      TestSet.Entry entry, Good good, Map<Fault, Tally> tallies, List<Long> millis) {
    Expectations expectations =
        new Expectations(
            entry.kind().equals("glass"),
            entry.kind().equals("person"),
            entry.kind().equals("ink"));
    List<Finding> quiet =
        Inspector.inspect(good.photograph(), good.cutout(), expectations).stream()
            .filter(Finding::isSerious)
            .toList();
    System.err.println(entry.name() + " faultless: " + words(quiet));
    for (Fault fault : faults) {
      Tally tally = tallies.get(fault);
      Planted planted = fault.isThereAlready(good) ? null : fault.plant(good, entry.name());
      if (planted == null) {
        continue;
      }
      long began = System.nanoTime();
      List<Finding> found = Inspector.inspect(planted.photograph(), planted.cutout(), expectations);
      millis.add((System.nanoTime() - began) / 1_000_000);
      boolean hit = found.stream().anyMatch(one -> one.isSerious() && hits(one, fault, planted));
      tally.planted++;
      tally.found += hit ? 1 : 0;
      tally.faultless++;
      tally.falseAlarms +=
          quiet.stream().anyMatch(one -> fault.kinds().contains(one.kind())) ? 1 : 0;
      System.err.println(
          entry.name()
              + " "
              + fault
              + (hit ? " found " : " MISSED at " + planted.place() + " ")
              + words(found));
    }
  }

  private static boolean hits(Finding finding, Fault fault, Planted planted) {
    return fault.kinds().contains(finding.kind())
        && !finding.box().intersect(planted.place()).isEmpty();
  }

  private static String words(List<Finding> findings) {
    StringBuilder text = new StringBuilder();
    for (Finding one : findings) {
      text.append(String.format(Locale.ROOT, "%s %.2f; ", one.kind().wireName(), one.severity()));
    }
    return text.toString();
  }

  private static void print(Map<Fault, Tally> tallies) {
    System.out.println("| Planted | as | Pictures | Recall | Precision | False alarms |");
    System.out.println("|---|---|---|---|---|---|");
    tallies.forEach(
        (fault, tally) ->
            System.out.printf(
                Locale.ROOT,
                "| %s | %s | %d | %.2f | %.2f | %d of %d |%n",
                fault.words(),
                String.join(", ", fault.kinds().stream().map(FindingKind::label).sorted().toList()),
                tally.planted,
                tally.found / Math.max(1.0, tally.planted),
                tally.found / Math.max(1.0, tally.found + tally.falseAlarms),
                tally.falseAlarms,
                tally.faultless));
  }
}

package org.ablebatch.bench.mending;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import org.ablebatch.bench.faults.Fault;

/** What one gesture leaves of each kind of fault, over all pictures. */
final class MendingTable {
  private final Map<Fault, List<Mended>> rows = new EnumMap<>(Fault.class);

  /** Faults that are hardly more than the cutout's own error say nothing and are left out. */
  void add(String name, Mended mended) {
    System.err.printf(
        Locale.ROOT,
        "%-18s %-9s left %.2f; %.3f, %.3f, %.3f, %d ms%s%n",
        name,
        mended.fault(),
        mended.left(),
        mended.unfaulted(),
        mended.faulted(),
        mended.mended(),
        mended.millis(),
        mended.counts() ? "" : " (too small)");
    if (mended.counts()) {
      rows.computeIfAbsent(mended.fault(), fault -> new ArrayList<>()).add(mended);
    }
  }

  void print() {
    System.out.println(
        "| Planted | Gesture | Pictures | Error without it, with it, mended (medians) |"
            + " Left, median | Back within 20 % | Time |");
    System.out.println("|---|---|---|---|---|---|---|");
    rows.forEach(
        (fault, all) ->
            System.out.printf(
                Locale.ROOT,
                "| %s | %s | %d | %.2f, %.2f, %.2f | %.2f | %d | %.0f ms |%n",
                fault.words(),
                all.get(0).words(),
                all.size(),
                median(all, Mended::unfaulted),
                median(all, Mended::faulted),
                median(all, Mended::mended),
                median(all, Mended::left),
                all.stream().filter(Mended::isBack).count(),
                median(all, Mended::millis)));
  }

  private static double median(List<Mended> all, ToDoubleFunction<Mended> of) {
    List<Double> sorted = all.stream().mapToDouble(of).sorted().boxed().toList();
    return sorted.get(sorted.size() / 2);
  }
}

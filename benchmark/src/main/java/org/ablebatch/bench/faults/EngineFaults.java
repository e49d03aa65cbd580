package org.ablebatch.bench.faults;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.ablebatch.bench.accuracy.Measures;
import org.ablebatch.bench.accuracy.TestSet;
import org.ablebatch.bench.mending.Worth;
import org.ablebatch.core.cut.CutOutcome;
import org.ablebatch.core.cut.CutProgress;
import org.ablebatch.core.cut.Cutter;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.finding.Expectations;
import org.ablebatch.core.finding.Finding;
import org.ablebatch.core.finding.FindingKind;
import org.ablebatch.core.finding.Mend;
import org.ablebatch.core.mend.Edit;
import org.ablebatch.core.mend.Means;
import org.ablebatch.core.mend.Mender;
import org.ablebatch.core.prior.Lesson;
import org.ablebatch.core.proposal.Examined;
import org.ablebatch.core.proposal.Examiner;
import org.ablebatch.core.raster.Components;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.prior.LearnedPriors;

/**
 * Cuts every picture and holds against the truth what is found in the cutout, and what the mends
 * that are proposed for it are worth.
 */
final class EngineFaults {
  /** A place is as large as this share of the picture, and wrong by more than half. */
  private static final double PLACE_SHARE = 0.001;

  private static final int HALF = 128;

  /** A finding points at something when its box holds so much that is wrong. */
  private static final double SOMETHING_SHARE = 0.00005;

  private static final double HELD = 0.5;
  private static final double PASSES = 0.97;

  private final Cutter cutter = new Cutter(LearnedPriors.shared());
  private final Examiner examiner = new Examiner(LearnedPriors.shared().trees(Lesson.MENDS));

  private final Mender mender = new Mender(Means.withoutVersions(cutter));

  /** What one picture came to. */
  private record Seen(
      int places,
      int found,
      long wrong,
      long wrongFound,
      int findings,
      int pointing,
      List<Tried> mends,
      double wrongArea,
      double wrongAfterSafe,
      double wrongAfterChecker,
      double iou,
      double iouAfterSafe,
      double iouAfterChecker,
      int answers) {}

  /** One mend by itself. */
  private record Tried(Finding finding, Mend mend, double gain) {}

  void measure(TestSet set, List<String> only) {
    List<Seen> all =
        set.entries().parallelStream()
            .filter(entry -> only.isEmpty() || only.contains(entry.name()))
            .map(entry -> seen(set, entry))
            .flatMap(Optional::stream)
            .toList();
    print(all);
  }

  private Optional<Seen> seen(TestSet set, TestSet.Entry entry) {
    try {
      Picture picture = set.picture(entry);
      CutOutcome outcome = cutter.cut(picture, Method.AUTO, CutProgress.NONE);
      return outcome instanceof CutOutcome.Done done
          ? Optional.of(seen(entry, picture, set.truth(entry), done))
          : Optional.empty();
    } catch (Exception e) {
      throw new IllegalStateException(entry.name(), e);
    }
  }

  private Seen seen(TestSet.Entry entry, Picture picture, Matte truth, CutOutcome.Done done) {
    Cutout cutout = done.cutout();
    List<Examined> examined =
        examiner.examine(picture, cutout, Expectations.of(done.method()), done.opinions());
    List<Finding> serious =
        examined.stream().map(Examined::finding).filter(Finding::isSerious).toList();
    boolean[] wrong = wrong(cutout.matte(), truth);
    int w = picture.width();
    Components parts = Components.of(wrong, w, picture.height(), true);
    int places = 0;
    int found = 0;
    for (int k = 0; k < parts.regions().size(); k++) {
      Components.Region region = parts.regions().get(k);
      if (region.area() >= PLACE_SHARE * wrong.length) {
        places++;
        found += isHeld(parts, k + 1, region, w, serious) ? 1 : 0;
      }
    }
    int pointing = 0;
    for (Finding one : serious) {
      pointing += count(wrong, w, one.box()) >= SOMETHING_SHARE * wrong.length ? 1 : 0;
    }
    List<Tried> mends = new ArrayList<>();
    List<Edit> safe = new ArrayList<>();
    Cutout checked = cutout;
    int answers = 0;
    for (Examined one : examined) {
      boolean onlyColours = one.finding().kind() == FindingKind.FRINGE;
      if (one.edit().isEmpty() || !one.finding().isSerious() || onlyColours) {
        continue;
      }
      Mend mend = one.finding().mend().orElseThrow();
      Cutout alone = mender.replay(picture, cutout, List.of(one.edit().get()));
      mends.add(
          new Tried(one.finding(), mend, Worth.of(cutout.matte(), alone.matte(), truth).gain()));
      if (mend.isSafe()) {
        safe.add(one.edit().get());
      }
      Cutout taken = mender.replay(picture, checked, List.of(one.edit().get()));
      answers++;
      if (Worth.of(checked.matte(), taken.matte(), truth).gain() > 0) {
        checked = taken;
      }
    }
    Cutout afterSafe = safe.isEmpty() ? cutout : mender.replay(picture, cutout, safe);
    double wrongArea = Worth.of(cutout.matte(), cutout.matte(), truth).wrongBefore();
    Seen seen =
        new Seen(
            places,
            found,
            count(wrong, w, picture.bounds()),
            inAny(wrong, w, serious),
            serious.size(),
            pointing,
            mends,
            wrongArea / wrong.length,
            Worth.of(afterSafe.matte(), cutout.matte(), truth).wrongBefore() / wrong.length,
            Worth.of(checked.matte(), cutout.matte(), truth).wrongBefore() / wrong.length,
            Measures.of(truth, cutout.matte()).iou(),
            Measures.of(truth, afterSafe.matte()).iou(),
            Measures.of(truth, checked.matte()).iou(),
            answers);
    System.err.printf(
        Locale.ROOT,
        "%s: IoU %.3f, safe %.3f, checker %.3f; %d of %d places, %d of %d findings%n",
        entry.name(),
        seen.iou,
        seen.iouAfterSafe,
        seen.iouAfterChecker,
        found,
        places,
        pointing,
        serious.size());
    return seen;
  }

  private static boolean[] wrong(Matte is, Matte should) {
    boolean[] wrong = new boolean[is.coverage().length];
    for (int i = 0; i < wrong.length; i++) {
      wrong[i] = Math.abs((is.coverage()[i] & 0xFF) - (should.coverage()[i] & 0xFF)) >= HALF;
    }
    return wrong;
  }

  private static boolean isHeld(
      Components parts, int label, Components.Region region, int width, List<Finding> findings) {
    for (Finding finding : findings) {
      Rect common = finding.box().intersect(region.box());
      int held = 0;
      for (int y = common.y(); y < common.bottom(); y++) {
        for (int x = common.x(); x < common.right(); x++) {
          held += parts.labels()[y * width + x] == label ? 1 : 0;
        }
      }
      if (held >= HELD * region.area()) {
        return true;
      }
    }
    return false;
  }

  private static long count(boolean[] set, int width, Rect box) {
    long count = 0;
    for (int y = box.y(); y < box.bottom(); y++) {
      for (int x = box.x(); x < box.right(); x++) {
        count += set[y * width + x] ? 1 : 0;
      }
    }
    return count;
  }

  private static long inAny(boolean[] set, int width, List<Finding> findings) {
    boolean[] left = set.clone();
    long count = 0;
    for (Finding finding : findings) {
      Rect box = finding.box();
      for (int y = box.y(); y < box.bottom(); y++) {
        for (int x = box.x(); x < box.right(); x++) {
          count += left[y * width + x] ? 1 : 0;
          left[y * width + x] = false;
        }
      }
    }
    return count;
  }

  private static void print(List<Seen> all) {
    System.out.printf(
        Locale.ROOT,
        "%d pictures. Wrong places with a serious finding: %d of %d (%.2f); wrong pixels in one:"
            + " %.2f.%nSerious findings that point at something: %d of %d (%.2f).%n%n",
        all.size(),
        all.stream().mapToInt(Seen::found).sum(),
        all.stream().mapToInt(Seen::places).sum(),
        all.stream().mapToInt(Seen::found).sum()
            / Math.max(1.0, all.stream().mapToInt(Seen::places).sum()),
        all.stream().mapToLong(Seen::wrongFound).sum()
            / Math.max(1.0, all.stream().mapToLong(Seen::wrong).sum()),
        all.stream().mapToInt(Seen::pointing).sum(),
        all.stream().mapToInt(Seen::findings).sum(),
        all.stream().mapToInt(Seen::pointing).sum()
            / Math.max(1.0, all.stream().mapToInt(Seen::findings).sum()));
    printKinds(all);
    System.out.printf(
        Locale.ROOT,
        "%n| | wrong, share of all pictures | IoU of %.2f or more |%n|---|---|---|%n"
            + "| as cut | %.4f | %d of %d |%n| with all safe mends | %.4f | %d of %d |%n"
            + "| with what a checker takes | %.4f | %d of %d |%n%n%.1f mends to answer a picture%n",
        PASSES,
        mean(all, Seen::wrongArea),
        passing(all, Seen::iou),
        all.size(),
        mean(all, Seen::wrongAfterSafe),
        passing(all, Seen::iouAfterSafe),
        all.size(),
        mean(all, Seen::wrongAfterChecker),
        passing(all, Seen::iouAfterChecker),
        all.size(),
        all.stream().mapToInt(Seen::answers).average().orElse(0));
  }

  private static void printKinds(List<Seen> all) {
    Map<String, List<Tried>> byKind = new TreeMap<>();
    all.stream()
        .flatMap(seen -> seen.mends().stream())
        .sorted(Comparator.comparing(tried -> tried.finding().kind()))
        .forEach(
            tried ->
                byKind
                    .computeIfAbsent(tried.finding().kind().label(), kind -> new ArrayList<>())
                    .add(tried));
    System.out.println("| Mend for | proposed | better | safe | of them better |");
    System.out.println("|---|---|---|---|---|");
    byKind.forEach(EngineFaults::printKind);
    printKind("all", byKind.values().stream().flatMap(List::stream).toList());
  }

  private static void printKind(String kind, List<Tried> mends) {
    List<Tried> safe = mends.stream().filter(tried -> tried.mend().isSafe()).toList();
    System.out.printf(
        Locale.ROOT,
        "| %s | %d | %d | %d | %d |%n",
        kind,
        mends.size(),
        mends.stream().filter(tried -> tried.gain() > 0).count(),
        safe.size(),
        safe.stream().filter(tried -> tried.gain() > 0).count());
  }

  private static double mean(List<Seen> all, java.util.function.ToDoubleFunction<Seen> value) {
    return all.stream().mapToDouble(value).average().orElse(0);
  }

  private static long passing(List<Seen> all, java.util.function.ToDoubleFunction<Seen> iou) {
    return all.stream().filter(seen -> iou.applyAsDouble(seen) >= PASSES).count();
  }
}

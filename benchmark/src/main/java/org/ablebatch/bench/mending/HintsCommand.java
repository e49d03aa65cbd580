package org.ablebatch.bench.mending;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.ablebatch.bench.accuracy.Measures;
import org.ablebatch.bench.accuracy.TestSet;
import org.ablebatch.core.area.Area;
import org.ablebatch.core.area.AreaMask;
import org.ablebatch.core.cut.CutOutcome;
import org.ablebatch.core.cut.CutProgress;
import org.ablebatch.core.cut.Cutter;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.finding.Expectations;
import org.ablebatch.core.finding.Inspected;
import org.ablebatch.core.finding.PhotographReading;
import org.ablebatch.core.hint.Hint;
import org.ablebatch.core.mend.Edit;
import org.ablebatch.core.mend.HintEdit;
import org.ablebatch.core.mend.Means;
import org.ablebatch.core.mend.Mender;
import org.ablebatch.core.mend.Mode;
import org.ablebatch.core.mend.NothingThere;
import org.ablebatch.core.mend.SubjectEdit;
import org.ablebatch.core.prior.Lesson;
import org.ablebatch.core.proposal.Pointing;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.prior.LearnedPriors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code bench hints}: somebody marks the largest wrong place, again and again. */
@Command(
    name = "hints",
    mixinStandardHelpOptions = true,
    description =
        "Clicks from the automatic cutout to an IoU of 0.95 and 0.97, and time an answer.")
public final class HintsCommand implements Callable<Integer> {
  private static final int MOST_CLICKS = 10;
  private static final double[] GOALS = {0.95, 0.97};

  @Parameters(paramLabel = "SET", description = "Folder with manifest.json, pictures and mattes.")
  private Path folder;

  @Option(names = "--only", split = ",", paramLabel = "NAME", description = "Only these pictures.")
  private List<String> only = List.of();

  @Option(names = "--narrow", description = "Hints that speak for their neighbourhood only.")
  private boolean narrow;

  @Option(names = "--strokes", description = "A stroke along the wrong place instead of a click.")
  private boolean strokes;

  @Option(names = "--frames", description = "A frame around the wrong place instead of a click.")
  private boolean frames;

  @Option(names = "--boxes", description = "The subject in such a frame, as the engine cuts it.")
  private boolean boxes;

  private final Cutter cutter = new Cutter(LearnedPriors.shared());

  private final Mender mender = new Mender(Means.withoutVersions(cutter));

  /** IoU before the first click and after each. */
  private record Course(String name, double[] iou, List<Long> millis) {
    int clicksTo(double goal) {
      for (int k = 0; k < iou.length; k++) {
        if (iou[k] >= goal) {
          return k;
        }
      }
      return MOST_CLICKS + 1;
    }
  }

  @Override
  public Integer call() throws Exception {
    TestSet set = TestSet.in(folder);
    List<Course> all = new ArrayList<>();
    for (TestSet.Entry entry : set.entries()) {
      if (only.isEmpty() || only.contains(entry.name())) {
        course(set, entry).ifPresent(all::add);
      }
    }
    print(all);
    return 0;
  }

  private Optional<Course> course(TestSet set, TestSet.Entry entry) throws Exception {
    Picture picture = set.picture(entry);
    Matte truth = set.truth(entry);
    if (!(cutter.cut(picture, Method.AUTO, CutProgress.NONE) instanceof CutOutcome.Done done)) {
      return Optional.empty();
    }
    double[] iou = new double[MOST_CLICKS + 1];
    List<Long> millis = new ArrayList<>();
    List<Edit> edits = new ArrayList<>();
    List<Hint> said = new ArrayList<>();
    Cutout cutout = done.cutout();
    for (int k = 0; k <= MOST_CLICKS; k++) {
      iou[k] = Measures.of(truth, cutout.matte()).iou();
      Optional<WrongPlace.Marked> click =
          k == MOST_CLICKS
              ? Optional.empty()
              : WrongPlace.of(cutout.matte(), truth).map(this::mark);
      if (click.isPresent()) {
        long began = System.nanoTime();
        Edit edit = edit(picture, cutout, done, click.get(), said);
        edits.add(edit);
        if (edit instanceof HintEdit hint) {
          said.add(hint.hint());
        }
        cutout = carriedOut(picture, done.cutout(), cutout, edits);
        millis.add((System.nanoTime() - began) / 1_000_000);
      }
    }
    System.err.println(entry.name() + " " + words(iou));
    return Optional.of(new Course(entry.name(), iou, millis));
  }

  private Cutout carriedOut(Picture picture, Cutout before, Cutout now, List<Edit> edits) {
    try {
      return narrow
          ? mender.replay(picture, before, edits)
          : mender.replay(picture, now, edits.subList(edits.size() - 1, edits.size()));
    } catch (NothingThere e) {
      return now;
    }
  }

  private WrongPlace.Marked mark(WrongPlace place) {
    if (frames || boxes) {
      return place.framed();
    }
    return new WrongPlace.Marked(strokes ? place.stroke() : place.click());
  }

  private Edit edit(
      Picture picture,
      Cutout cutout,
      CutOutcome.Done done,
      WrongPlace.Marked click,
      List<Hint> said) {
    if (narrow) {
      return new HintEdit(click.hint());
    }
    if (boxes) {
      Mode mode = click.hint().kind() == Hint.Kind.SUBJECT ? Mode.RESTORE : Mode.ERASE;
      Area frame = click.frame().orElseThrow();
      return new SubjectEdit(mode, AreaMask.of(frame, picture.width(), picture.height()).box());
    }
    Pointing pointing =
        new Pointing(
            Inspected.of(PhotographReading.of(picture), cutout, Expectations.of(done.method())),
            done::opinions,
            LearnedPriors.shared().trees(Lesson.MENDS).orElseThrow(),
            LearnedPriors.shared().pointed());
    Optional<Pointing.Meant> framed =
        click.frame().flatMap(frame -> pointing.in(frame, click.hint(), said));
    return framed
        .map(found -> new HintEdit(found.mark(), Optional.of(found.thing())))
        .orElseGet(() -> new HintEdit(click.hint(), pointing.at(click.hint(), said)));
  }

  private static String words(double[] iou) {
    StringBuilder text = new StringBuilder();
    for (double one : iou) {
      text.append(String.format(Locale.ROOT, " %.3f", one));
    }
    return text.toString();
  }

  private static void print(List<Course> all) {
    System.out.println("| IoU | median clicks | nine of ten within | reached within 10 |");
    System.out.println("|---|---|---|---|");
    for (double goal : GOALS) {
      int[] clicks = all.stream().mapToInt(course -> course.clicksTo(goal)).sorted().toArray();
      System.out.printf(
          Locale.ROOT,
          "| %.2f | %s | %s | %d of %d |%n",
          goal,
          count(clicks[clicks.length / 2]),
          count(clicks[(int) Math.ceil(0.9 * clicks.length) - 1]),
          Arrays.stream(clicks).filter(n -> n <= MOST_CLICKS).count(),
          clicks.length);
    }
    for (int k : new int[] {0, 1, 2, 3, 5, MOST_CLICKS}) {
      int clicks = k;
      System.out.printf(
          Locale.ROOT,
          "after %d clicks: mean IoU %.3f%n",
          clicks,
          all.stream().mapToDouble(course -> course.iou()[clicks]).average().orElse(0));
    }
    long[] millis =
        all.stream()
            .flatMap(course -> course.millis().stream())
            .mapToLong(Long::longValue)
            .sorted()
            .toArray();
    System.out.printf(
        Locale.ROOT,
        "%nAn answer takes %d ms (median), %d ms (90 %%)%n",
        millis[millis.length / 2],
        millis[(int) (0.9 * millis.length)]);
  }

  private static String count(int clicks) {
    return clicks > MOST_CLICKS ? "more than " + MOST_CLICKS : String.valueOf(clicks);
  }
}

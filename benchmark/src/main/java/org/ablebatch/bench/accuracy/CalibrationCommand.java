package org.ablebatch.bench.accuracy;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import org.ablebatch.core.cut.CutOutcome;
import org.ablebatch.core.cut.CutProgress;
import org.ablebatch.core.cut.Cutter;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.finding.Expectations;
import org.ablebatch.core.finding.Inspector;
import org.ablebatch.core.finding.Trust;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.prior.LearnedPriors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/**
 * {@code bench calibration}: whether a confidence of 80 means that four of five would be passed.
 * Every picture is cut by every method, so that there are bad cutouts too.
 */
@Command(
    name = "calibration",
    mixinStandardHelpOptions = true,
    description = "How many of the cutouts with a confidence would be passed.")
public final class CalibrationCommand implements Callable<Integer> {
  private static final double NINETEEN_OF_TWENTY = 0.95;

  @Parameters(
      paramLabel = "SET",
      arity = "1..*",
      description = "Folders with manifest.json, pictures and mattes.")
  private List<Path> folders;

  @Option(names = "--only", split = ",", paramLabel = "NAME", description = "Only these pictures.")
  private List<String> only = List.of();

  @Option(
      names = "--error",
      defaultValue = "2",
      description = "A cutout passes up to this matte error. Default: ${DEFAULT-VALUE}.")
  private double passedUpTo;

  @Option(
      names = "--overlap",
      defaultValue = "0.95",
      description =
          "And from this IoU on, for small subjects err little. Default: ${DEFAULT-VALUE}.")
  private double passedFrom;

  @Option(
      names = "--method",
      split = ",",
      paramLabel = "NAME",
      description = "Only these methods; auto is always among them.")
  private List<String> named = List.of();

  @Override
  public Integer call() throws Exception {
    Calibration all = new Calibration();
    Calibration automatic = new Calibration();
    for (Path folder : folders) {
      add(TestSet.in(folder), all, automatic);
    }
    System.out.println(all.markdown());
    System.out.printf(Locale.ROOT, "Automatic cutouts alone:%n%n%s%n", automatic.markdown());
    automatic
        .trustedFrom(NINETEEN_OF_TWENTY)
        .ifPresentOrElse(
            from -> System.out.println(automatic.wordsFrom(from) + "."),
            () -> System.out.println("At no confidence 19 of 20 automatic cutouts would pass."));
    return 0;
  }

  private void add(TestSet set, Calibration all, Calibration automatic) throws Exception {
    Cutter cutter = new Cutter(LearnedPriors.shared());
    for (TestSet.Entry entry : set.entries()) {
      if (!only.isEmpty() && !only.contains(entry.name())) {
        continue;
      }
      Picture picture = set.picture(entry);
      Matte truth = set.truth(entry);
      for (Method method : methods()) {
        CutOutcome outcome = cutter.cut(picture, method, CutProgress.NONE);
        if (outcome instanceof CutOutcome.Done done) {
          int trust = trust(picture, done);
          Measures measures = Measures.of(truth, done.cutout().matte());
          boolean passes = measures.matteError() <= passedUpTo && measures.iou() >= passedFrom;
          all.add(trust, passes);
          if (method == Method.AUTO) {
            automatic.add(trust, passes);
          }
          System.err.printf(
              Locale.ROOT,
              "%s,%s,%s,%d,%d,%.2f,%.3f%n",
              entry.name(),
              method.wireName(),
              done.method().wireName(),
              done.confidence().percent(),
              trust,
              measures.matteError(),
              measures.iou());
        }
      }
    }
  }

  private List<Method> methods() {
    List<Method> methods = new ArrayList<>(Arrays.asList(Method.values()));
    methods.removeIf(
        method ->
            !method.isChoosable()
                || !named.isEmpty() && method != Method.AUTO && !named.contains(method.wireName()));
    return methods;
  }

  private static int trust(Picture picture, CutOutcome.Done done) {
    return Trust.percent(
        done.confidence().percent(),
        Inspector.inspect(picture, done.cutout(), Expectations.of(done.method())));
  }
}

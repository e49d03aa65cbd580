package org.ablebatch.bench.accuracy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.ablebatch.codec.read.UnreadablePicture;
import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.cut.CutOutcome;
import org.ablebatch.core.cut.CutProgress;
import org.ablebatch.core.cut.Cutter;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.prior.Priors;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.subject.EvidencePlane;
import org.ablebatch.prior.LearnedPriors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code bench accuracy}: every picture of a set by the engine and by the public baseline. */
@Command(
    name = "accuracy",
    mixinStandardHelpOptions = true,
    description = "Matte error, IoU, boundary F and time, per picture, group and tag.")
public final class AccuracyCommand implements Callable<Integer> {
  /** Who cuts. */
  enum Contender {
    ENGINE,
    WITHOUT_PRIORS,
    SUBJECT_PRIOR_ONLY,
    PERSON_PRIOR_ONLY,
    GRABCUT
  }

  @Parameters(paramLabel = "SET", description = "Folder with manifest.json, pictures and mattes.")
  private Path folder;

  @Option(
      names = "--of",
      split = ",",
      paramLabel = "WHO",
      description = "Any of ${COMPLETION-CANDIDATES}; all by default.")
  private List<Contender> contenders = List.of(Contender.values());

  @Option(names = "--only", split = ",", paramLabel = "NAME", description = "Only these pictures.")
  private List<String> only = List.of();

  @Option(
      names = "--out",
      paramLabel = "DIR",
      description = "Also write the engine's cutouts here.")
  private Path out;

  @Option(
      names = "--method",
      defaultValue = "auto",
      description = "Method for all pictures. Default: ${DEFAULT-VALUE}.")
  private String method;

  @Option(
      names = "--without",
      split = ",",
      paramLabel = "EVIDENCE",
      description = "Pieces of evidence that the engine does not weigh: ${COMPLETION-CANDIDATES}.")
  private List<EvidencePlane> without = List.of();

  @Override
  public Integer call() throws Exception {
    TestSet set = TestSet.in(folder);
    List<Score> scores = new ArrayList<>();
    for (TestSet.Entry entry : set.entries()) {
      if (only.isEmpty() || only.contains(entry.name())) {
        Picture picture = set.picture(entry);
        Matte truth = set.truth(entry);
        for (Contender contender : contenders) {
          Score score = score(entry, picture, truth, contender);
          scores.add(score);
          System.err.println(score.line());
        }
      }
    }
    System.out.println(new AccuracyTable(scores, contenders).markdown());
    return 0;
  }

  private Score score(TestSet.Entry entry, Picture picture, Matte truth, Contender contender)
      throws IOException, UnreadablePicture {
    if (contender == Contender.GRABCUT) {
      long began = System.nanoTime();
      Matte matte = GrabCutBaseline.cut(picture);
      return new Score(entry, contender, Measures.of(truth, matte), millisSince(began), -1, "");
    }
    long began = System.nanoTime();
    CutOutcome outcome =
        new Cutter(priors(contender)).cut(picture, Method.ofWireName(method), CutProgress.NONE);
    long millis = millisSince(began);
    if (outcome instanceof CutOutcome.Done done) {
      if (out != null && contender == contenders.get(0)) {
        Files.createDirectories(out);
        Files.write(
            out.resolve(entry.name() + ".png"), PictureWriter.png(done.cutout().toPicture()));
      }
      return new Score(
          entry,
          contender,
          Measures.of(truth, done.cutout().matte()),
          millis,
          done.confidence().percent(),
          done.method().wireName());
    }
    Matte nothing = Matte.filled(truth.width(), truth.height(), 0);
    return new Score(entry, contender, Measures.of(truth, nothing), millis, 0, "nothing");
  }

  private Priors priors(Contender contender) {
    Priors all = WithheldEvidence.from(LearnedPriors.shared(), without);
    return switch (contender) {
      case ENGINE, GRABCUT -> all;
      case WITHOUT_PRIORS -> Priors.none();
      case SUBJECT_PRIOR_ONLY -> new Priors(all.subject(), Optional.empty());
      case PERSON_PRIOR_ONLY -> new Priors(Optional.empty(), all.person());
    };
  }

  private static long millisSince(long began) {
    return (System.nanoTime() - began) / 1_000_000;
  }

  /**
   * One picture by one contender.
   *
   * @param confidence 0..100, -1 where the contender has none
   */
  record Score(
      TestSet.Entry entry,
      Contender contender,
      Measures measures,
      long millis,
      int confidence,
      String method) {
    String line() {
      return String.format(
          java.util.Locale.ROOT,
          "%-20s %-18s %-8s error %6.2f  IoU %.3f  BF %.3f  conf %3d  %d ms",
          entry.name(),
          contender,
          method,
          measures.matteError(),
          measures.iou(),
          measures.boundaryF(),
          confidence,
          millis);
    }
  }
}

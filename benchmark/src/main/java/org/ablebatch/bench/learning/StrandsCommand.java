package org.ablebatch.bench.learning;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.Callable;
import org.ablebatch.bench.accuracy.TestSet;
import org.ablebatch.core.cut.Contest;
import org.ablebatch.core.judge.Judge;
import org.ablebatch.core.matting.StrandFacts;
import org.ablebatch.core.prior.Lesson;
import org.ablebatch.core.prior.Priors;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.scene.Scene;
import org.ablebatch.core.subject.SubjectRegion;
import org.ablebatch.core.subject.Weighed;
import org.ablebatch.core.trimap.Trimap;
import org.ablebatch.core.work.Pulse;
import org.ablebatch.prior.LearnedPriors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

@Command(
    name = "strands",
    mixinStandardHelpOptions = true,
    description =
        "Writes what can be seen of undecided pixels, with their true coverage beside it.")
public final class StrandsCommand implements Callable<Integer> {
  /** Where more is wrong with the region, the pixels teach nothing of outlines. */
  private static final double LEAST_OVERLAP = 0.7;

  private static final int MOST_OPEN = 700;
  private static final int MOST_OTHER = 250;
  private static final int OPEN = 2;

  @Parameters(index = "0", paramLabel = "SET", description = "Pictures and mattes.")
  private Path folder;

  @Parameters(index = "1", paramLabel = "OUT", description = "A file of comma-separated values.")
  private Path out;

  @Override
  public Integer call() throws Exception {
    Lines.write(folder, out, StrandsCommand::lines);
    return 0;
  }

  private static List<String> lines(TestSet set, TestSet.Entry entry) throws Exception {
    Priors priors = LearnedPriors.shared();
    Scene scene = Scene.read(set.picture(entry), Scene.READING_PIXELS, priors);
    Scene half = scene.halved();
    Weighed weighed = Weighed.in(scene, half, priors.evidence().orElseThrow());
    Judge judge = new Judge(priors.trees(Lesson.JUDGE).orElseThrow());
    SubjectRegion region = new Contest(scene, half, weighed, Pulse.NONE).best(judge);
    float[] truth = Truth.on(set.truth(entry), scene.width(), scene.height());
    if (overlap(region.subject(), truth) < LEAST_OVERLAP) {
      return List.of();
    }
    Plane evidence = new Plane(scene.width(), scene.height(), region.evidence());
    Trimap trimap = Trimap.around(region, scene.lab(), scene.backdrop().sigma());
    float[][] facts =
        StrandFacts.table(scene.linear(), trimap, evidence, scene.closerPrior().orElseThrow());
    return some(entry.name(), facts, truth);
  }

  private static double overlap(boolean[] kept, float[] truth) {
    int both = 0;
    int either = 1;
    for (int i = 0; i < truth.length; i++) {
      both += kept[i] && truth[i] > 127 ? 1 : 0;
      either += kept[i] || truth[i] > 127 ? 1 : 0;
    }
    return both / (double) either;
  }

  private static List<String> some(String name, float[][] facts, float[] truth) {
    int[] count = {1, 1};
    for (float[] of : facts) {
      if (of != null) {
        count[of[OPEN] > 0 ? 1 : 0]++;
      }
    }
    Random random = new Random(name.hashCode());
    List<String> lines = new ArrayList<>();
    for (int i = 0; i < facts.length; i++) {
      if (facts[i] != null) {
        boolean isOpen = facts[i][OPEN] > 0;
        double share = isOpen ? MOST_OPEN / (double) count[1] : MOST_OTHER / (double) count[0];
        if (random.nextDouble() < share) {
          double[] covered = {truth[i] / 255};
          lines.add(Lines.line(name, isOpen ? "open" : "band", covered, facts[i]));
        }
      }
    }
    return lines;
  }
}

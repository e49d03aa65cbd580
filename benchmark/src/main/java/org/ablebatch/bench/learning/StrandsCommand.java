package org.ablebatch.bench.learning;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.ablebatch.bench.accuracy.TestSet;
import org.ablebatch.core.judge.Judge;
import org.ablebatch.core.matting.StrandFacts;
import org.ablebatch.core.prior.Lesson;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.scene.Scene;
import org.ablebatch.core.subject.SubjectRegion;
import org.ablebatch.core.trimap.Trimap;
import org.ablebatch.prior.LearnedPriors;
import picocli.CommandLine.Command;

@Command(
    name = "strands",
    mixinStandardHelpOptions = true,
    description =
        "Writes what can be seen of undecided pixels, with their true coverage beside it.")
public final class StrandsCommand extends TableCommand {
  /** Where more is wrong with the region, the pixels teach nothing of outlines. */
  private static final double LEAST_OVERLAP = 0.7;

  private static final int MOST_OPEN = 700;
  private static final int MOST_OTHER = 250;
  private static final int OPEN = 2;

  @Override
  List<String> lines(TestSet set, TestSet.Entry entry) throws Exception {
    Contested picture = Contested.in(set.picture(entry));
    Scene scene = picture.scene();
    Judge judge = new Judge(LearnedPriors.shared().trees(Lesson.JUDGE).orElseThrow());
    SubjectRegion region = picture.contest().best(judge);
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

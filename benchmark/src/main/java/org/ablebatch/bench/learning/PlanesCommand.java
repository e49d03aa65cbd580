package org.ablebatch.bench.learning;

import java.io.BufferedOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import org.ablebatch.bench.accuracy.TestSet;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.scene.Scene;
import org.ablebatch.core.subject.Evidence;
import org.ablebatch.prior.LearnedPriors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

/** {@code bench planes}: what the engine sees in pictures with known mattes, to learn from. */
@Command(
    name = "planes",
    mixinStandardHelpOptions = true,
    description = "Writes the evidence of every picture of a set, with the truth beside it.")
public final class PlanesCommand implements Callable<Integer> {
  @Parameters(index = "0", paramLabel = "SET", description = "Pictures and mattes.")
  private Path folder;

  @Parameters(index = "1", paramLabel = "OUT", description = "One file a picture is written here.")
  private Path out;

  @Override
  public Integer call() throws Exception {
    Files.createDirectories(out);
    TestSet set = TestSet.in(folder);
    set.entries().parallelStream().forEach(entry -> write(set, entry));
    return 0;
  }

  private void write(TestSet set, TestSet.Entry entry) {
    Path file = out.resolve(entry.name() + ".planes");
    if (Files.exists(file)) {
      return;
    }
    try {
      Picture picture = set.picture(entry);
      Scene scene = Scene.read(picture, Scene.READING_PIXELS, LearnedPriors.shared());
      List<Plane> planes = Evidence.of(scene, scene.halved());
      write(
          file, planes, Truth.on(set.truth(entry), planes.get(0).width(), planes.get(0).height()));
    } catch (Exception e) {
      throw new IllegalStateException(entry.name(), e);
    }
  }

  /** Width, height, number of planes, then a byte a value; the truth is the last plane, 0..255. */
  private static void write(Path file, List<Plane> planes, float[] truth) throws IOException {
    Path part = file.resolveSibling(file.getFileName() + ".part");
    try (DataOutputStream to =
        new DataOutputStream(new BufferedOutputStream(Files.newOutputStream(part)))) {
      to.writeInt(planes.get(0).width());
      to.writeInt(planes.get(0).height());
      to.writeInt(planes.size());
      for (Plane plane : planes) {
        for (float value : plane.values()) {
          to.writeByte(Math.round((value + 1) * 127.5f));
        }
      }
      for (float value : truth) {
        to.writeByte(Math.round(value));
      }
    }
    Files.move(part, file);
  }
}

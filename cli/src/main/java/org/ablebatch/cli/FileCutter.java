package org.ablebatch.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.ablebatch.codec.read.PictureReader;
import org.ablebatch.codec.read.ReadLimits;
import org.ablebatch.codec.read.ReadPicture;
import org.ablebatch.codec.read.UnreadablePicture;
import org.ablebatch.codec.write.DeepCutoutWriter;
import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.cut.CutOutcome;
import org.ablebatch.core.cut.CutProgress;
import org.ablebatch.core.cut.CutRequest;
import org.ablebatch.core.cut.Cutter;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.DeepPicture;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.prior.LearnedPriors;

/** Cuts one file and writes the result; every failure becomes a sentence in the report. */
final class FileCutter {
  private static final Set<String> PICTURE_ENDINGS =
      Set.of("jpg", "jpeg", "png", "webp", "tif", "tiff", "gif", "bmp");

  private final Cutter cutter = new Cutter(LearnedPriors.shared());
  private final PictureReader reader = new PictureReader(ReadLimits.DEFAULT);
  private final Path out;
  private final Method method;
  private final boolean withMatte;
  private final Optional<Picture> emptySet;

  FileCutter(Path out, Method method, boolean withMatte, Optional<Picture> emptySet) {
    this.out = out;
    this.method = method;
    this.withMatte = withMatte;
    this.emptySet = emptySet;
  }

  /**
   * @param name of the result, without ending
   */
  record Task(Path file, String name) {}

  /** Two inputs of one name must not overwrite each other's result; the order decides. */
  List<Task> named(List<Path> files) {
    Set<String> taken = new HashSet<>();
    List<Task> tasks = new ArrayList<>();
    for (Path file : files) {
      String fileName = file.getFileName().toString();
      int dot = fileName.lastIndexOf('.');
      String stem = dot > 0 ? fileName.substring(0, dot) : fileName;
      String name = stem;
      for (int n = 2; !taken.add(name); n++) {
        name = stem + "-" + n;
      }
      tasks.add(new Task(file, name));
    }
    return tasks;
  }

  static boolean mayBePicture(Path file) {
    String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
    return PICTURE_ENDINGS.contains(name.substring(name.lastIndexOf('.') + 1))
        && !name.endsWith(".matte.png");
  }

  CutReport cut(Task task) {
    String file = task.file().getFileName().toString();
    try {
      byte[] bytes = Files.readAllBytes(task.file());
      ReadPicture read = reader.read(bytes);
      long began = System.nanoTime();
      CutRequest request = CutRequest.of(read.picture(), method).withEmptySet(emptySet);
      CutOutcome outcome = cutter.cut(request, CutProgress.NONE);
      long millis = (System.nanoTime() - began) / 1_000_000;
      if (outcome instanceof CutOutcome.NothingFound nothing) {
        return CutReport.failed(file, nothing.reason());
      }
      CutOutcome.Done done = (CutOutcome.Done) outcome;
      write(task.name() + ".png", png(bytes, read, done.cutout()));
      if (withMatte) {
        write(task.name() + ".matte.png", PictureWriter.mattePng(done.cutout().matte()));
      }
      return CutReport.done(file, task.name() + ".png", done, millis);
    } catch (UnreadablePicture e) {
      return CutReport.failed(file, e.getMessage());
    } catch (IOException e) {
      return CutReport.failed(file, "Reading or writing failed: " + e.getMessage());
    } catch (OutOfMemoryError e) {
      return CutReport.failed(
          file, "The picture needs more memory: try --threads 1, or ABLE_JAVA_OPTS=-Xmx6g");
    }
  }

  /** With 16 bits a colour where the original has them. */
  private byte[] png(byte[] bytes, ReadPicture read, Cutout cutout) throws UnreadablePicture {
    Optional<DeepPicture> deep = read.bits() > 8 ? reader.readDeep(bytes) : Optional.empty();
    return deep.map(all -> DeepCutoutWriter.png(cutout, read.picture(), all))
        .orElseGet(() -> PictureWriter.png(cutout.toPicture()));
  }

  /** A result is there whole or not at all. */
  private void write(String name, byte[] bytes) throws IOException {
    Path part = Files.createTempFile(out, ".able-", ".part");
    try {
      Files.write(part, bytes);
      Files.move(part, out.resolve(name), StandardCopyOption.REPLACE_EXISTING);
    } finally {
      Files.deleteIfExists(part);
    }
  }
}

package org.ablebatch.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.util.Optional;
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
  private final Cutter cutter = new Cutter(LearnedPriors.shared());
  private final PictureReader reader = new PictureReader(ReadLimits.DEFAULT);
  private final OutputFolder out;
  private final Method method;
  private final boolean withMatte;
  private final Optional<Picture> emptySet;

  FileCutter(OutputFolder out, Method method, boolean withMatte, Optional<Picture> emptySet) {
    this.out = out;
    this.method = method;
    this.withMatte = withMatte;
    this.emptySet = emptySet;
  }

  CutReport cut(Inputs.Task task) {
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
      out.write(task.name() + ".png", png(bytes, read, done.cutout()));
      if (withMatte) {
        out.write(task.name() + ".matte.png", PictureWriter.mattePng(done.cutout().matte()));
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
}

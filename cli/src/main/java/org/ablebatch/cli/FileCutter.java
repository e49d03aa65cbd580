package org.ablebatch.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.ablebatch.codec.read.PictureReader;
import org.ablebatch.codec.read.ReadLimits;
import org.ablebatch.codec.read.ReadPicture;
import org.ablebatch.codec.read.UnreadablePicture;
import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.cut.CutOutcome;
import org.ablebatch.core.cut.CutProgress;
import org.ablebatch.core.cut.Cutter;
import org.ablebatch.core.cut.Method;
import org.ablebatch.prior.LearnedPriors;

/** Cuts one file and writes the result; every failure becomes a sentence in the report. */
final class FileCutter {
  private static final Set<String> PICTURE_ENDINGS =
      Set.of("jpg", "jpeg", "png", "webp", "tif", "tiff", "gif", "bmp");

  private final Cutter cutter = new Cutter(LearnedPriors.shared());
  private final PictureReader reader = new PictureReader(ReadLimits.DEFAULT);
  private final Set<String> taken = ConcurrentHashMap.newKeySet();
  private final Path out;
  private final Method method;
  private final boolean withMatte;

  FileCutter(Path out, Method method, boolean withMatte) {
    this.out = out;
    this.method = method;
    this.withMatte = withMatte;
  }

  static boolean mayBePicture(Path file) {
    String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
    return PICTURE_ENDINGS.contains(name.substring(name.lastIndexOf('.') + 1))
        && !name.endsWith(".matte.png");
  }

  CutReport cut(Path file) {
    String name = file.getFileName().toString();
    try {
      ReadPicture read = reader.read(Files.readAllBytes(file));
      long began = System.nanoTime();
      CutOutcome outcome = cutter.cut(read.picture(), method, CutProgress.NONE);
      long millis = (System.nanoTime() - began) / 1_000_000;
      if (outcome instanceof CutOutcome.NothingFound nothing) {
        return CutReport.failed(name, nothing.reason());
      }
      CutOutcome.Done done = (CutOutcome.Done) outcome;
      String base = freeName(name);
      Files.write(out.resolve(base + ".png"), PictureWriter.png(done.cutout().toPicture()));
      if (withMatte) {
        Files.write(
            out.resolve(base + ".matte.png"), PictureWriter.mattePng(done.cutout().matte()));
      }
      return CutReport.done(name, base + ".png", done, millis);
    } catch (UnreadablePicture e) {
      return CutReport.failed(name, e.getMessage());
    } catch (IOException e) {
      return CutReport.failed(name, "Reading or writing failed: " + e.getMessage());
    }
  }

  /** Two inputs of one name must not overwrite each other's result. */
  private String freeName(String fileName) {
    int dot = fileName.lastIndexOf('.');
    String stem = dot > 0 ? fileName.substring(0, dot) : fileName;
    String name = stem;
    for (int n = 2; !taken.add(name); n++) {
      name = stem + "-" + n;
    }
    return name;
  }
}

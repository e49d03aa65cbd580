package org.ablebatch.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import org.ablebatch.codec.read.PictureReader;
import org.ablebatch.codec.read.ReadLimits;
import org.ablebatch.codec.read.UnreadablePicture;
import org.ablebatch.core.cut.CutOutcome;
import org.ablebatch.core.cut.CutProgress;
import org.ablebatch.core.cut.CutRequest;
import org.ablebatch.core.cut.Cutter;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.dress.Dressable;
import org.ablebatch.core.dress.Labels;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.sets.SetList;
import org.ablebatch.core.sets.SetPlace;
import org.ablebatch.prior.LearnedPriors;

/** Reads pictures to be dressed: a cutout as it is, a photograph after it is cut out. */
final class PictureSource {
  /** Fainter than this is not content when a subject is measured, as in the application. */
  private static final int CONTENT_FROM = 13;

  private final Cutter cutter = new Cutter(LearnedPriors.shared());
  private final PictureReader reader = new PictureReader(ReadLimits.DEFAULT);
  private final Method method;
  private final SetList list;

  PictureSource(Method method, SetList list) {
    this.method = method;
    this.list = list;
  }

  /** A picture can't be had; the message says why. */
  static final class Unusable extends Exception {
    private static final long serialVersionUID = 1L;

    Unusable(String sentence) {
      super(sentence);
    }
  }

  Dressable read(Path path) throws Unusable {
    String file = path.getFileName().toString();
    try {
      Picture read = reader.read(Files.readAllBytes(path)).picture();
      CutOutcome outcome = cutter.cut(CutRequest.of(read, method), CutProgress.NONE);
      if (outcome instanceof CutOutcome.NothingFound nothing) {
        throw new Unusable(nothing.reason());
      }
      return dressable(read, (CutOutcome.Done) outcome, labels(file));
    } catch (UnreadablePicture e) {
      throw new Unusable(e.getMessage());
    } catch (IOException e) {
      throw new Unusable("Reading failed: " + e.getMessage());
    } catch (OutOfMemoryError e) {
      throw new Unusable(
          "The picture needs more memory: try --threads 1, or ABLE_JAVA_OPTS=-Xmx6g");
    }
  }

  private static Dressable dressable(Picture read, CutOutcome.Done done, Labels labels) {
    // What came in as a cutout has no photograph to take a shadow from.
    Picture photograph = done.method() == Method.TRANSPARENT ? null : read;
    Rect content = done.cutout().matte().contentBox(CONTENT_FROM);
    return new Dressable(
        done.cutout().toPicture(), content == null ? read.bounds() : content, photograph, labels);
  }

  private Labels labels(String file) {
    Optional<SetList.Line> line;
    synchronized (list) {
      line = list.of(file);
    }
    SetPlace place = line.map(SetList.Line::place).orElse(SetPlace.NONE);
    return new Labels(
        file, place.code(), place.group(), line.map(SetList.Line::columns).orElse(Map.of()));
  }
}

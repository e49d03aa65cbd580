package org.ablebatch.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import java.util.Optional;
import org.ablebatch.codec.read.PictureReader;
import org.ablebatch.codec.read.ReadLimits;
import org.ablebatch.codec.read.UnreadablePicture;
import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.cut.CutOutcome;
import org.ablebatch.core.cut.CutProgress;
import org.ablebatch.core.cut.CutRequest;
import org.ablebatch.core.cut.Cutter;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.deliver.OutputFormat;
import org.ablebatch.core.dress.Dressable;
import org.ablebatch.core.dress.Dresser;
import org.ablebatch.core.dress.Frame;
import org.ablebatch.core.dress.Labels;
import org.ablebatch.core.dress.LookCheck;
import org.ablebatch.core.dress.LookNote;
import org.ablebatch.core.dress.Resampling;
import org.ablebatch.core.dress.Supplies;
import org.ablebatch.core.look.Colour;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.sets.SetList;
import org.ablebatch.core.sets.SetPlace;
import org.ablebatch.prior.LearnedPriors;

/**
 * Dresses one file: a cutout as it is, a photograph after it is cut out. Every failure becomes a
 * sentence in the report.
 */
final class FileDresser {
  private static final int QUALITY = 92;

  /** Fainter than this is not content when a subject is measured, as in the application. */
  private static final int CONTENT_FROM = 13;

  private final Cutter cutter = new Cutter(LearnedPriors.shared());
  private final PictureReader reader = new PictureReader(ReadLimits.DEFAULT);
  private final OutputFolder out;
  private final Work work;
  private final SetList list;
  private final Dresser dresser;
  private final LookCheck check;

  /** What is wanted of every picture. */
  record Work(Look look, Frame frame, OutputFormat format, Method method) {}

  FileDresser(OutputFolder out, Work work, SetList list, Supplies supplies) {
    this.out = out;
    this.work = work;
    this.list = list;
    this.dresser = new Dresser(supplies);
    this.check = new LookCheck(supplies);
  }

  DressReport dress(Inputs.Task task) {
    String file = task.file().getFileName().toString();
    try {
      Picture read = reader.read(Files.readAllBytes(task.file())).picture();
      CutOutcome outcome = cutter.cut(CutRequest.of(read, work.method()), CutProgress.NONE);
      if (outcome instanceof CutOutcome.NothingFound nothing) {
        return DressReport.failed(file, nothing.reason());
      }
      Dressable dressable = dressable(read, (CutOutcome.Done) outcome, labels(file));
      List<String> notes =
          check.find(dressable, work.look(), work.frame(), 1).stream()
              .map(LookNote::sentence)
              .toList();
      Picture dressed = dresser.dressSharpened(dressable, work.look(), work.frame());
      String name = task.name() + "." + work.format().extension();
      out.write(name, encoded(dressed));
      return DressReport.done(file, name, notes);
    } catch (UnreadablePicture e) {
      return DressReport.failed(file, e.getMessage());
    } catch (IOException e) {
      return DressReport.failed(file, "Reading or writing failed: " + e.getMessage());
    } catch (OutOfMemoryError e) {
      return DressReport.failed(
          file, "The picture needs more memory: try --threads 1, or ABLE_JAVA_OPTS=-Xmx6g");
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
        file,
        place.code(),
        place.group(),
        line.map(SetList.Line::columns).orElse(java.util.Map.of()));
  }

  private byte[] encoded(Picture dressed) {
    if (work.format() == OutputFormat.PNG) {
      return PictureWriter.png(dressed);
    }
    if (work.format() == OutputFormat.WEBP) {
      return PictureWriter.webp(dressed, QUALITY);
    }
    Picture opaque = dressed.hasTransparency() ? Resampling.over(dressed, Colour.WHITE) : dressed;
    return PictureWriter.jpeg(opaque, QUALITY);
  }
}

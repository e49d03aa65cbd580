package org.ablebatch.cli;

import java.io.IOException;
import java.util.List;
import org.ablebatch.codec.write.EncodedFile;
import org.ablebatch.codec.write.FileExtras;
import org.ablebatch.core.deliver.Encoding;
import org.ablebatch.core.dress.Dressable;
import org.ablebatch.core.dress.Dresser;
import org.ablebatch.core.dress.Frame;
import org.ablebatch.core.dress.LookCheck;
import org.ablebatch.core.dress.LookNote;
import org.ablebatch.core.dress.Resampling;
import org.ablebatch.core.dress.Supplies;
import org.ablebatch.core.look.Colour;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.raster.Picture;

/** Dresses one file. Every failure becomes a sentence in the report. */
final class FileDresser {
  private final OutputFolder out;
  private final Work work;
  private final PictureSource source;
  private final Dresser dresser;
  private final LookCheck check;

  /** What is wanted of every picture. */
  record Work(Look look, Frame frame, Encoding encoding) {}

  FileDresser(OutputFolder out, Work work, PictureSource source, Supplies supplies) {
    this.out = out;
    this.work = work;
    this.source = source;
    this.dresser = new Dresser(supplies);
    this.check = new LookCheck(supplies);
  }

  DressReport dress(Inputs.Task task) {
    String file = task.file().getFileName().toString();
    try {
      Dressable dressable = source.read(task.file());
      List<String> notes =
          check.find(dressable, work.look(), work.frame(), 1).stream()
              .map(LookNote::sentence)
              .toList();
      Picture dressed = dresser.dressSharpened(dressable, work.look(), work.frame());
      String name = task.name() + "." + work.encoding().format().extension();
      out.write(name, EncodedFile.of(fitting(dressed), 0, work.encoding(), FileExtras.NONE));
      return DressReport.done(file, name, notes);
    } catch (PictureSource.Unusable e) {
      return DressReport.failed(file, e.getMessage());
    } catch (IOException e) {
      return DressReport.failed(file, "Writing failed: " + e.getMessage());
    }
  }

  private Picture fitting(Picture dressed) {
    return work.encoding().format().keepsTransparency() || !dressed.hasTransparency()
        ? dressed
        : Resampling.over(dressed, Colour.WHITE);
  }
}

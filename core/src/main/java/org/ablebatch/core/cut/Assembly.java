package org.ablebatch.core.cut;

import java.util.ArrayList;
import java.util.List;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.reading.AreaShrink;
import org.ablebatch.core.scene.Scene;
import org.ablebatch.core.subject.Subject;
import org.ablebatch.core.subject.Subjects;

/** A whole picture's cutout, put together from what was cut in frames of it. */
final class Assembly {
  private final Picture picture;
  private final byte[] coverage;
  private final int[] colours;
  private final Rect grid;
  private final int[] labels;
  private final List<Subject> subjects = new ArrayList<>();

  Assembly(Picture picture) {
    this.picture = picture;
    this.coverage = new byte[picture.argb().length];
    this.colours = picture.argb().clone();
    this.grid = AreaShrink.readingGrid(picture.width(), picture.height(), Scene.READING_PIXELS);
    this.labels = new int[grid.width() * grid.height()];
  }

  /**
   * @param found in a frame of the picture
   * @param part of the picture, inside the frame, that is taken from it
   */
  void add(CutOutcome.Done found, Rect frame, Rect part) {
    Matte matte = found.cutout().matte();
    for (int y = part.y(); y < part.bottom(); y++) {
      for (int x = part.x(); x < part.right(); x++) {
        int there = matte.at(x - frame.x(), y - frame.y());
        int i = y * picture.width() + x;
        if (there > (coverage[i] & 0xFF)) {
          coverage[i] = (byte) there;
          colours[i] = found.cutout().colours().at(x - frame.x(), y - frame.y());
        }
      }
    }
    addSubjects(found.subjects(), frame);
  }

  private void addSubjects(Subjects inside, Rect frame) {
    int offset = subjects.size();
    Rect cells = new Rect(0, 0, inside.width(), inside.height());
    FrameCells frameCells = new FrameCells(picture.bounds(), grid, frame, cells);
    for (int i = 0; i < labels.length; i++) {
      int cell = frameCells.at(i);
      if (cell >= 0 && inside.labels()[cell] > 0) {
        labels[i] = offset + inside.labels()[cell];
      }
    }
    double share = frame.width() * (double) frame.height() / picture.argb().length;
    for (Subject subject : inside.list()) {
      subjects.add(
          new Subject(
              offset + subject.number(),
              subject.box().moved(frame.x(), frame.y()),
              subject.share() * share,
              subject.kept()));
    }
  }

  int subjectCount() {
    return subjects.size();
  }

  Cutout cutout() {
    return new Cutout(
        new Matte(picture.width(), picture.height(), coverage),
        new Picture(picture.width(), picture.height(), colours));
  }

  /** Numbered frame by frame. */
  Subjects subjects() {
    return new Subjects(grid.width(), grid.height(), labels, subjects);
  }
}

package org.ablebatch.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import org.ablebatch.codec.deliver.FileMaker;
import org.ablebatch.codec.write.CannotWrite;
import org.ablebatch.core.deliver.Deliverable;
import org.ablebatch.core.deliver.FileWords;
import org.ablebatch.core.deliver.Planner;
import org.ablebatch.core.deliver.Preflight;
import org.ablebatch.core.dress.Dressable;
import org.ablebatch.core.look.Look;

/**
 * Makes the files of pictures under specs. Names depend on the pictures before, so each one waits
 * for its turn to be planned; the making goes on beside each other.
 */
final class FileDeliverer {
  private final PictureSource source;
  private final Planner planner;
  private final FileMaker maker;
  private final Look look;
  private final boolean sharpen;
  private final Output out;
  private int turn;

  FileDeliverer(
      PictureSource source,
      Planner planner,
      FileMaker maker,
      Look look,
      boolean sharpen,
      Output out) {
    this.source = source;
    this.planner = planner;
    this.maker = maker;
    this.look = look;
    this.sharpen = sharpen;
    this.out = out;
  }

  /**
   * @param place of the picture among all, from 0; every place has to come
   */
  DeliverReport deliver(Inputs.Task task, int place) {
    String file = task.file().getFileName().toString();
    Dressable dressable = null;
    String problem = null;
    try {
      dressable = source.read(task.file());
    } catch (PictureSource.Unusable e) {
      problem = e.getMessage();
    }
    List<Planner.PlannedFile> planned = planned(place, dressable);
    if (dressable == null) {
      return DeliverReport.failed(file, problem);
    }
    List<DeliverReport.Line> lines = new ArrayList<>();
    for (Planner.PlannedFile one : planned) {
      lines.add(line(task.file(), dressable, one));
    }
    return new DeliverReport(file, lines, null);
  }

  private synchronized List<Planner.PlannedFile> planned(int place, Dressable dressable) {
    try {
      while (turn != place) {
        wait();
      }
      return dressable == null
          ? List.of()
          : planner.next(new Deliverable(dressable.measures(), look));
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException("stopped", e);
    } finally {
      turn++;
      notifyAll();
    }
  }

  private DeliverReport.Line line(Path picture, Dressable dressable, Planner.PlannedFile file) {
    List<String> notes = file.notes().stream().map(Preflight.Note::sentence).toList();
    try {
      FileMaker.Made made = maker.make(dressable, file.spec(), look, sharpen, FileWords.NONE);
      String name = out.write(picture, file.name(), made.bytes());
      return new DeliverReport.Line(
          name,
          sha256(made.bytes()),
          (long) made.bytes().length,
          made.width(),
          made.height(),
          file.spec().format().name(),
          made.quality(),
          made.likeness(),
          file.spec().name(),
          notes,
          null);
    } catch (CannotWrite e) {
      return failed(file, notes, e.getMessage());
    } catch (IOException e) {
      return failed(file, notes, "Writing failed: " + e.getMessage());
    } catch (OutOfMemoryError e) {
      return failed(file, notes, "It needs more memory: try --threads 1, or ABLE_JAVA_OPTS=-Xmx6g");
    }
  }

  private static DeliverReport.Line failed(
      Planner.PlannedFile file, List<String> notes, String problem) {
    return new DeliverReport.Line(
        file.name(),
        null,
        null,
        null,
        null,
        file.spec().format().name(),
        null,
        null,
        file.spec().name(),
        notes,
        problem);
  }

  private static String sha256(byte[] bytes) {
    try {
      return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("every Java has SHA-256", e);
    }
  }
}

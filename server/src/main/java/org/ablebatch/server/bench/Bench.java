package org.ablebatch.server.bench;

import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Objects;
import java.util.function.Supplier;
import org.ablebatch.core.area.LiveWire;
import org.ablebatch.core.finding.Expectations;
import org.ablebatch.core.finding.Inspected;
import org.ablebatch.core.finding.PhotographReading;
import org.ablebatch.core.mend.Edit;
import org.ablebatch.core.mend.Levels;
import org.ablebatch.core.mend.Mender;
import org.ablebatch.core.mend.NothingThere;
import org.ablebatch.core.mend.Patch;
import org.ablebatch.core.mend.Workpiece;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.stroke.StrokePoint;
import org.ablebatch.server.storage.Sha256;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * One picture under the hands of a retoucher: the cutout as its edits leave it. It is brought to
 * any list of edits by taking back what is not in it and carrying out the rest.
 */
public final class Bench {
  private static final Logger LOG = LoggerFactory.getLogger(Bench.class);
  private static final int STATE_LETTERS = 16;
  private static final int REMEMBERED_CHANGES = 200;

  /** What undo needs is kept up to here; further back the picture is laid anew. */
  private static final long MOST_PATCH_BYTES = 160L << 20;

  private static final int BYTES_PER_PIXEL = 12;

  /**
   * An edit in a list.
   *
   * @param revision grows when the edit's settings change
   * @param edit asked for only when it has to be carried out
   */
  public record Step(long id, int revision, Supplier<Edit> edit) {}

  /** An edit that could not be carried out, with a sentence. */
  public record Failure(long id, String sentence) {}

  /** What stood there before a step; the patch is null when it was dropped to save memory. */
  private record Done(long id, int revision, Rect box, Patch before) {
    boolean is(Step step) {
      return id == step.id() && revision == step.revision();
    }
  }

  private record Change(String from, Rect box) {}

  private record Looked(String state, Expectations by, Inspected inspected) {}

  private final long baseVersionId;
  private final Picture original;
  private final Supplier<Cutout> base;
  private final Mender mender;
  private final List<Done> done = new ArrayList<>();
  private final Deque<Change> changes = new ArrayDeque<>();
  private Workpiece piece;
  private Levels levels;
  private String state;
  private volatile PhotographReading reading;

  /** Held while a cutout is read for being looked over; the bench itself goes on meanwhile. */
  private final Object looking = new Object();

  private Looked looked;

  Bench(long baseVersionId, Picture original, Supplier<Cutout> base, Mender mender) {
    this.baseVersionId = baseVersionId;
    this.original = original;
    this.base = base;
    this.mender = mender;
    this.piece = new Workpiece(original, base.get());
    this.levels = new Levels(piece);
    this.state = stateOf(done);
  }

  public long baseVersionId() {
    return baseVersionId;
  }

  /** Memory it holds, about. */
  long bytes() {
    PhotographReading read = reading;
    long lookedOver = read == null ? 0 : read.bytes();
    return (long) BYTES_PER_PIXEL * original.argb().length + MOST_PATCH_BYTES / 4 + lookedOver;
  }

  /** Stands for the base and all edits that count. */
  public synchronized String state() {
    return state;
  }

  /**
   * Takes back and carries out until exactly these edits show.
   *
   * @return those that could not be carried out; they are left out
   */
  public synchronized List<Failure> bringTo(List<Step> steps) {
    int same = 0;
    while (same < done.size() && same < steps.size() && done.get(same).is(steps.get(same))) {
      same++;
    }
    if (same == done.size() && same == steps.size()) {
      return List.of();
    }
    String from = state;
    Rect changed = takeBack(same);
    List<Failure> failures = new ArrayList<>();
    for (Step step : steps.subList(done.size(), steps.size())) {
      Rect box = carryOut(step, failures);
      changed = changed == null ? box : box == null ? changed : changed.span(box);
    }
    forgetOldPatches();
    state = stateOf(done);
    changes.addLast(new Change(from, changed));
    while (changes.size() > REMEMBERED_CHANGES) {
      changes.removeFirst();
    }
    return failures;
  }

  /**
   * Leaves only the first so many edits, or fewer when what was before them is not remembered.
   *
   * @return where something changed; null = nowhere
   */
  private Rect takeBack(int keep) {
    boolean remembered = done.subList(keep, done.size()).stream().allMatch(d -> d.before() != null);
    if (!remembered) {
      piece = new Workpiece(original, base.get());
      levels = new Levels(piece);
      done.clear();
      return original.bounds();
    }
    Rect changed = null;
    while (done.size() > keep) {
      Done last = done.remove(done.size() - 1);
      piece.put(last.before());
      if (last.box() != null) {
        levels.update(last.box());
        changed = changed == null ? last.box() : changed.span(last.box());
      }
    }
    return changed;
  }

  /** Where it changed something; null = nowhere. */
  private Rect carryOut(Step step, List<Failure> failures) {
    try {
      Patch before = mender.apply(piece, step.edit().get());
      Rect box = before.box().isEmpty() ? null : before.box();
      done.add(new Done(step.id(), step.revision(), box, before));
      if (box != null) {
        levels.update(box);
      }
      return box;
    } catch (NothingThere e) {
      failures.add(new Failure(step.id(), e.getMessage()));
    } catch (RuntimeException | OutOfMemoryError e) {
      LOG.error("edit {} can’t be carried out", step.id(), e);
      failures.add(
          new Failure(step.id(), "This edit could not be carried out here and is switched off"));
    }
    return null;
  }

  private void forgetOldPatches() {
    long bytes = 0;
    for (int k = done.size() - 1; k >= 0; k--) {
      Done one = done.get(k);
      if (one.before() != null) {
        bytes += one.before().bytes();
        if (bytes > MOST_PATCH_BYTES) {
          done.set(k, new Done(one.id(), one.revision(), one.box(), null));
        }
      }
    }
  }

  /**
   * Where the pixels of now and those of an earlier state differ.
   *
   * @param earlier null or unknown = everywhere
   * @return null = nowhere
   */
  public synchronized Rect changedSince(String earlier) {
    if (state.equals(earlier)) {
      return null;
    }
    Rect changed = null;
    for (var all = changes.descendingIterator(); all.hasNext(); ) {
      Change change = all.next();
      if (change.box() != null) {
        changed = changed == null ? change.box() : changed.span(change.box());
      }
      if (change.from().equals(earlier)) {
        return changed;
      }
    }
    return original.bounds();
  }

  /** Where an edit changed something; null = nowhere, or it is not carried out. */
  public synchronized Rect boxOf(long editId) {
    return done.stream()
        .filter(one -> one.id() == editId)
        .map(Done::box)
        .filter(Objects::nonNull)
        .findFirst()
        .orElse(null);
  }

  public synchronized int levels() {
    return levels.count();
  }

  /**
   * @param part in pixels of the level; what lies outside is left away
   */
  public synchronized Picture photograph(int level, Rect part) {
    return levels.photograph(level, inside(level, part));
  }

  /**
   * @param part in pixels of the level; what lies outside is left away
   * @return colours with coverage, not premultiplied
   */
  public synchronized Picture cutout(int level, Rect part) {
    return levels.cutout(level, inside(level, part));
  }

  /**
   * A part of the cutout, no longer than twice {@code longSide}.
   *
   * @param part in pixels of the picture
   */
  public synchronized Picture look(Rect part, int longSide) {
    int level = levelFor(part, longSide);
    return levels.cutout(level, inside(level, onLevel(part, level)));
  }

  /**
   * The same with one more edit, which is not kept.
   *
   * @throws NothingThere with a sentence
   */
  public synchronized Picture lookAfter(Edit edit, Rect part, int longSide) {
    int level = levelFor(part, longSide);
    return preview(edit, level, onLevel(part, level));
  }

  private int levelFor(Rect part, int longSide) {
    int level = 0;
    while (level + 1 < levels.count()
        && Math.max(part.width(), part.height()) >> level > 2 * longSide) {
      level++;
    }
    return level;
  }

  private static Rect onLevel(Rect part, int level) {
    return new Rect(
        part.x() >> level,
        part.y() >> level,
        Math.max(1, part.width() >> level),
        Math.max(1, part.height() >> level));
  }

  /**
   * How a part would look with one more edit, which is not kept.
   *
   * @throws NothingThere with a sentence
   */
  public synchronized Picture preview(Edit edit, int level, Rect part) {
    Rect inside = inside(level, part);
    Patch before = mender.apply(piece, edit);
    try {
      levels.update(before.box());
      return levels.cutout(level, inside);
    } finally {
      piece.put(before);
      levels.update(before.box());
    }
  }

  private Rect inside(int level, Rect part) {
    if (level < 0 || level >= levels.count()) {
      throw new IllegalArgumentException("There is no level " + level);
    }
    Rect inside = part.intersect(new Rect(0, 0, levels.width(level), levels.height(level)));
    if (inside.isEmpty()) {
      throw new IllegalArgumentException("That part lies outside the picture");
    }
    return inside;
  }

  /** A line between two places that follows the photograph's edges. */
  public List<StrokePoint> edgeBetween(StrokePoint from, StrokePoint to) {
    return LiveWire.between(original, from, to);
  }

  public Picture original() {
    return original;
  }

  /** What looking the cutout over takes of the photograph; worked out once. */
  private PhotographReading reading() {
    synchronized (original) {
      if (reading == null) {
        reading = PhotographReading.of(original);
      }
      return reading;
    }
  }

  /** What looking over the cutout as it is now takes; read once for every state. */
  public Inspected inspected(Expectations expectations) {
    PhotographReading photograph = reading();
    synchronized (looking) {
      String of;
      Cutout now;
      synchronized (this) {
        of = state;
        if (looked != null && looked.state().equals(of) && looked.by().equals(expectations)) {
          return looked.inspected();
        }
        now = cutout();
      }
      looked = new Looked(of, expectations, Inspected.of(photograph, now, expectations));
      return looked.inspected();
    }
  }

  /** A copy of the cutout as it is now. */
  public synchronized Cutout cutout() {
    Cutout now = piece.cutout();
    return new Cutout(
        new Matte(now.matte().width(), now.matte().height(), now.matte().coverage().clone()),
        new Picture(now.colours().width(), now.colours().height(), now.colours().argb().clone()));
  }

  private String stateOf(List<Done> steps) {
    StringBuilder text = new StringBuilder().append(baseVersionId);
    steps.forEach(one -> text.append(' ').append(one.id()).append(':').append(one.revision()));
    return Sha256.of(text.toString().getBytes(StandardCharsets.UTF_8)).substring(0, STATE_LETTERS);
  }
}

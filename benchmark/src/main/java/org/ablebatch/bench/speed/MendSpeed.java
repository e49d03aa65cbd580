package org.ablebatch.bench.speed;

import java.util.List;
import java.util.concurrent.TimeUnit;
import org.ablebatch.core.area.Area;
import org.ablebatch.core.area.LiveWire;
import org.ablebatch.core.area.Shape;
import org.ablebatch.core.cut.CutOutcome;
import org.ablebatch.core.cut.CutProgress;
import org.ablebatch.core.cut.Cutter;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.hint.Hint;
import org.ablebatch.core.mend.AreaEdit;
import org.ablebatch.core.mend.BrushEdit;
import org.ablebatch.core.mend.EdgeEdit;
import org.ablebatch.core.mend.Edit;
import org.ablebatch.core.mend.HintEdit;
import org.ablebatch.core.mend.Levels;
import org.ablebatch.core.mend.Means;
import org.ablebatch.core.mend.Mender;
import org.ablebatch.core.mend.Mode;
import org.ablebatch.core.mend.Patch;
import org.ablebatch.core.mend.PickEdit;
import org.ablebatch.core.mend.StrandEdit;
import org.ablebatch.core.mend.SubjectEdit;
import org.ablebatch.core.mend.Workpiece;
import org.ablebatch.core.prior.Priors;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.stroke.Stroke;
import org.ablebatch.core.stroke.StrokePoint;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** One edit of every kind on the bench, with all that the screen needs of it, and taken back. */
@State(Scope.Benchmark)
@BenchmarkMode(org.openjdk.jmh.annotations.Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(value = 1, jvmArgs = "-Xmx3g")
@Warmup(iterations = 2, time = 3)
@Measurement(iterations = 8, time = 2)
public class MendSpeed {
  /** Megapixels. */
  @Param({"1", "12", "48"})
  private int megapixels;

  private final Cutter cutter = new Cutter(Priors.none());
  private final Mender mender = new Mender(new Means(cutter, null));
  private Picture picture;
  private Workpiece piece;
  private Levels levels;

  @Setup
  public void prepare() {
    picture = SpeedPicture.of(megapixels);
    CutOutcome.Done done = (CutOutcome.Done) cutter.cut(picture, Method.AUTO, CutProgress.NONE);
    piece = new Workpiece(picture, done.cutout());
    levels = new Levels(piece);
  }

  @Benchmark
  public Patch plainStroke() {
    return edited(new BrushEdit(Mode.ERASE, false, acrossTheEdge(200)));
  }

  @Benchmark
  public Patch strokeAlongEdges() {
    return edited(new BrushEdit(Mode.ERASE, true, acrossTheEdge(200)));
  }

  @Benchmark
  public Patch strandStroke() {
    return edited(new StrandEdit(acrossTheEdge(200)));
  }

  @Benchmark
  public Patch hint() {
    return edited(new HintEdit(new Hint(Hint.Kind.BACKDROP, 60, acrossTheEdge(60).points())));
  }

  @Benchmark
  public Patch pickEverywhere() {
    PickEdit.Sample sample =
        new PickEdit.Sample(0.45 * picture.width(), 0.5 * picture.height(), 0.1, false);
    return edited(new PickEdit(Mode.ERASE, List.of(sample), true, false));
  }

  @Benchmark
  public Patch shape() {
    Shape ellipse = new Shape(Shape.Kind.ELLIPSE, List.of(at(0.3, 0.3), at(0.7, 0.7)));
    return edited(new AreaEdit(Mode.ERASE, Area.of(ellipse)));
  }

  @Benchmark
  public Patch shrinkAndFeather() {
    return edited(new EdgeEdit(0, 0, 0, 0, 0, -2, 0, 2, false, 0));
  }

  @Benchmark
  public Patch fitTheOutline() {
    return edited(new EdgeEdit(12, 0, 0, 0, 0, 0, 0, 0, false, 0));
  }

  @Benchmark
  public Patch subjectInABox() {
    Rect box =
        new Rect(
            (int) (0.64 * picture.width()),
            (int) (0.3 * picture.height()),
            (int) (0.28 * picture.width()),
            (int) (0.4 * picture.height()));
    return edited(new SubjectEdit(Mode.ERASE, box));
  }

  @Benchmark
  public List<StrokePoint> lineAlongAnEdge() {
    return LiveWire.between(picture, at(0.45, 0.1), at(0.66, 0.4));
  }

  private Patch edited(Edit edit) {
    Patch before = mender.apply(piece, edit);
    levels.update(before.box());
    piece.put(before);
    return before;
  }

  /** From inside the disc to the paper, 600 pixels or what there is room for. */
  private Stroke acrossTheEdge(double sizePx) {
    double y = 0.5 * picture.height();
    double edge = (0.45 - 0.3 * 3 / 4) * picture.width();
    double reach = Math.min(300, 0.15 * picture.width());
    return new Stroke(
        sizePx,
        0.4,
        1,
        List.of(new StrokePoint(edge - reach, y), new StrokePoint(edge + reach, y)));
  }

  private StrokePoint at(double u, double v) {
    return new StrokePoint(u * picture.width(), v * picture.height());
  }
}

package org.ablebatch.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.ablebatch.core.area.Area;
import org.ablebatch.core.area.Shape;
import org.ablebatch.core.finding.Expectations;
import org.ablebatch.core.finding.Inspected;
import org.ablebatch.core.mend.BrushEdit;
import org.ablebatch.core.mend.Edit;
import org.ablebatch.core.mend.Means;
import org.ablebatch.core.mend.Mender;
import org.ablebatch.core.mend.Mode;
import org.ablebatch.core.mend.NothingThere;
import org.ablebatch.core.mend.TakeEdit;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.stroke.Stroke;
import org.ablebatch.core.stroke.StrokePoint;
import org.ablebatch.server.bench.Bench.Step;
import org.junit.jupiter.api.Test;

/** From any list of edits to any other. */
class BenchTest {
  private static final int SIDE = 600;

  private final Picture original = even(0xFF305080);
  private final Cutout base = new Cutout(Matte.filled(SIDE, SIDE, 255), original);
  private final Mender mender =
      new Mender(
          new Means(
              null,
              id -> {
                throw new NothingThere("There is no version " + id);
              }));
  private final Bench bench = new Bench(1, original, () -> base, mender);

  @Test
  void whateverListWasThereTheNextOneGivesItsOwnPixels() {
    Step a = step(1, erase(100, 100));
    Step b = step(2, erase(200, 100));
    Step c = step(3, erase(300, 100));
    for (List<Step> list :
        List.of(List.of(a, b, c), List.of(a, c), List.of(c, a, b), List.of(b), List.<Step>of())) {
      assertThat(bench.bringTo(list)).isEmpty();

      List<Edit> edits = new ArrayList<>();
      list.forEach(step -> edits.add(step.edit().get()));
      assertThat(bench.cutout().matte().coverage())
          .isEqualTo(mender.replay(original, base, edits).matte().coverage());
    }
  }

  @Test
  void theSameListIsTheSameStateAndOnlyThat() {
    Step a = step(1, erase(100, 100));
    bench.bringTo(List.of(a));
    String one = bench.state();
    bench.bringTo(List.of(a, step(2, erase(9, 9))));
    assertThat(bench.state()).isNotEqualTo(one);
    bench.bringTo(List.of(a));
    assertThat(bench.state()).isEqualTo(one);
    bench.bringTo(List.of(new Step(1, 1, () -> erase(120, 100))));
    assertThat(bench.state()).as("its settings have changed").isNotEqualTo(one);
  }

  @Test
  void aStateIsReadOnceForWhoeverLooksItOver() {
    bench.bringTo(List.of(step(1, erase(100, 100))));
    Inspected seen = bench.inspected(Expectations.NONE);
    assertThat(bench.inspected(Expectations.NONE)).isSameAs(seen);

    bench.bringTo(List.of(step(1, erase(100, 100)), step(2, erase(300, 300))));
    Inspected after = bench.inspected(Expectations.NONE);
    assertThat(after.matte().at(300, 300)).isZero();
    assertThat(seen.matte().at(300, 300)).as("what was read stays as it was").isEqualTo(255);

    Expectations glass = new Expectations(true, false, false);
    assertThat(bench.inspected(glass).seen().expectations()).isEqualTo(glass);
  }

  @Test
  void whatCanNotBeCarriedOutIsNamedAndTheRestIsDone() {
    Shape box = new Shape(Shape.Kind.BOX, List.of(new StrokePoint(0, 0), new StrokePoint(9, 9)));
    List<Bench.Failure> failures =
        bench.bringTo(
            List.of(
                step(1, erase(100, 100)),
                step(2, new TakeEdit(77, Area.of(box))),
                step(3, erase(300, 100))));

    assertThat(failures).containsExactly(new Bench.Failure(2, "There is no version 77"));
    assertThat(bench.cutout().matte().at(100, 100)).isZero();
    assertThat(bench.cutout().matte().at(300, 100)).isZero();
    assertThat(bench.boxOf(2)).isNull();
    assertThat(bench.boxOf(3)).isEqualTo(new Rect(280, 80, 41, 41));
  }

  @Test
  void changesSinceAStateCoverAllThatHappened() {
    String first = bench.state();
    bench.bringTo(List.of(step(1, erase(100, 100))));
    bench.bringTo(List.of(step(1, erase(100, 100)), step(2, erase(300, 200))));

    assertThat(bench.changedSince(bench.state())).isNull();
    assertThat(bench.changedSince(first)).isEqualTo(new Rect(80, 80, 241, 141));
    assertThat(bench.changedSince("unheard of")).isEqualTo(original.bounds());
  }

  @Test
  void aTryLeavesNothingBehind() {
    String state = bench.state();

    Picture seen = bench.preview(erase(100, 100), 0, new Rect(60, 60, 80, 80));

    assertThat(seen.at(40, 40) >>> 24).isZero();
    assertThat(bench.state()).isEqualTo(state);
    assertThat(bench.cutout().matte().coverage()).containsOnly((byte) 255);
    assertThat(bench.cutout(1, new Rect(0, 0, 300, 300)).at(50, 50) >>> 24).isEqualTo(255);
  }

  private static Step step(long id, Edit edit) {
    return new Step(id, 0, () -> edit);
  }

  private static Edit erase(double x, double y) {
    return new BrushEdit(
        Mode.ERASE, false, new Stroke(40, 0, 1, List.of(new StrokePoint(x + 0.5, y + 0.5))));
  }

  private static Picture even(int argb) {
    int[] pixels = new int[SIDE * SIDE];
    Arrays.fill(pixels, argb);
    return new Picture(SIDE, SIDE, pixels);
  }
}

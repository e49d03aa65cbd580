package org.ablebatch.core.proposal;

import static org.ablebatch.core.PotScene.box;
import static org.ablebatch.core.PotScene.disc;
import static org.assertj.core.api.Assertions.assertThat;

import org.ablebatch.core.PotScene;
import org.ablebatch.core.area.AreaMask;
import org.ablebatch.core.finding.Expectations;
import org.ablebatch.core.finding.Inspection;
import org.ablebatch.core.finding.Spot;
import org.ablebatch.core.hint.HintMarks;
import org.ablebatch.core.mend.Mode;
import org.ablebatch.core.raster.Rect;
import org.junit.jupiter.api.Test;

/** A place that was seen in part is carried on as far as it goes. */
class ReachTest {
  private static Inspection seen(PotScene scene) {
    return Inspection.of(scene.picture(), scene.cutout(), Expectations.NONE);
  }

  /** What is wanted of a picture's places, on the inspection's grid. */
  private static Spot spot(Inspection seen, PotScene.Where where) {
    boolean[] set = new boolean[seen.size()];
    for (int i = 0; i < set.length; i++) {
      int x = i % seen.width() * PotScene.WIDTH / seen.width();
      int y = i / seen.width() * PotScene.HEIGHT / seen.height();
      set[i] = where.is(x, y);
    }
    return Spot.of(set, seen.width(), new Rect(0, 0, seen.width(), seen.height()));
  }

  private static AreaMask area(Inspection seen, Change change) {
    return AreaMask.of(change.area(seen), PotScene.WIDTH, PotScene.HEIGHT);
  }

  @Test
  void aRimClosesInWhatLiesWithinIt() {
    Inspection seen = seen(new PotScene().cover(disc(290, 250, 40), 0));
    Spot rim = spot(seen, (x, y) -> disc(290, 250, 38).is(x, y) && !disc(290, 250, 22).is(x, y));

    AreaMask whole = area(seen, new Reach(seen).asSeen(rim, Mode.RESTORE));

    assertThat(whole.at(290, 250)).as("closed in").isEqualTo(255);
    assertThat(whole.at(322, 250)).as("the rim").isEqualTo(255);
    assertThat(whole.at(150, 250)).as("the wall").isZero();
  }

  @Test
  void theStripToTheOtherSideBelongsToIt() {
    Inspection seen = seen(new PotScene().cover(box(380, 330, 420, 380), 255));
    Spot inner = spot(seen, box(384, 334, 416, 376));

    AreaMask leftover = area(seen, new Reach(seen).asSeen(inner, Mode.ERASE));

    assertThat(leftover.at(418, 355)).as("up to the wall").isEqualTo(255);
    assertThat(leftover.at(360, 355)).as("the pot").isZero();
  }

  @Test
  void whatHangsTogetherComesAlongAndGoesOneWayOnly() {
    Inspection seen = seen(new PotScene().cover(box(200, 340, 380, 380), 0));
    Spot piece = spot(seen, box(270, 350, 310, 372));

    Change change = new Reach(seen).asItHangs(piece, Mode.RESTORE, 150, HintMarks.NONE);
    AreaMask back = area(seen, change);

    assertThat(change.hangsTogether()).isTrue();
    assertThat(back.at(290, 360)).isEqualTo(255);
    assertThat(back.at(215, 360)).as("the rest of the part").isEqualTo(255);
    assertThat(back.at(290, 300)).as("kept already").isZero();
    assertThat(back.at(290, 420)).as("the wall").isZero();
  }

  @Test
  void nothingSeenIsNothingChanged() {
    Inspection seen = seen(new PotScene());
    Spot nothing = new Spot(new Rect(5, 5, 3, 3), new boolean[9]);

    assertThat(new Reach(seen).asSeen(nothing, Mode.ERASE).isEmpty()).isTrue();
  }
}

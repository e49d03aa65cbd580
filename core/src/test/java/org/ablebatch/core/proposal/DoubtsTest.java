package org.ablebatch.core.proposal;

import static org.ablebatch.core.PotScene.disc;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.ablebatch.core.PotScene;
import org.ablebatch.core.cut.Opinions;
import org.ablebatch.core.finding.Expectations;
import org.ablebatch.core.finding.Inspection;
import org.ablebatch.core.finding.Spot;
import org.ablebatch.core.mend.Mode;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.subject.EvidencePlane;
import org.junit.jupiter.api.Test;

/** Where somebody else is sure of the other side. */
class DoubtsTest {
  private static final PotScene POT = new PotScene();
  private static final Inspection SEEN =
      Inspection.of(POT.picture(), POT.cutout(), Expectations.NONE);

  /** Somebody who keeps the pot, and a disc of so many pixels beside it as surely as that. */
  private static Opinions keeping(int radius, float sure) {
    Plane plane = new Plane(PotScene.WIDTH / 2, PotScene.HEIGHT / 2);
    for (int i = 0; i < plane.values().length; i++) {
      int x = i % plane.width() * 2;
      int y = i / plane.width() * 2;
      boolean pot = POT.coverage[y * PotScene.WIDTH + x] != 0;
      plane.values()[i] = pot ? 1 : disc(90, 350, radius).is(x, y) ? sure : 0;
    }
    List<Plane> evidence = Collections.nCopies(EvidencePlane.values().length, plane);
    return new Opinions(plane, Optional.empty(), Optional.empty(), evidence, List.of());
  }

  private static List<Spot> missing(Opinions opinions, List<Spot> known) {
    return new Doubts(SEEN).places(opinions, Mode.RESTORE, known);
  }

  @Test
  void aPlaceThatSomebodyIsSureOfIsOneDoubt() {
    List<Spot> found = missing(keeping(40, 0.9f), List.of());

    assertThat(found).hasSize(1);
    double share = found.get(0).area() / (double) SEEN.size();
    assertThat(share * PotScene.WIDTH * PotScene.HEIGHT).isBetween(4000.0, 5600.0);
  }

  @Test
  void whoIsNotSureSaysNothing() {
    assertThat(missing(keeping(40, 0.5f), List.of())).isEmpty();
  }

  @Test
  void aSpeckIsNoDisagreement() {
    assertThat(missing(keeping(4, 0.9f), List.of())).isEmpty();
  }

  @Test
  void whatIsKnownIsNotDoubtedOnceMore() {
    List<Spot> known = missing(keeping(40, 0.9f), List.of());

    assertThat(missing(keeping(40, 0.9f), known)).isEmpty();
  }

  @Test
  void whatAllKeepCanNotBeBackdrop() {
    assertThat(new Doubts(SEEN).places(keeping(40, 0.9f), Mode.ERASE, List.of())).isEmpty();
  }
}

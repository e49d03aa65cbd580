package org.ablebatch.bench.accuracy;

import java.util.ArrayList;
import java.util.List;
import org.ablebatch.core.prior.EvidenceNetwork;
import org.ablebatch.core.prior.Priors;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.subject.EvidencePlane;

/** What the engine learned, with pieces of the evidence kept from what weighs it. */
final class WithheldEvidence {
  private WithheldEvidence() {}

  static Priors from(Priors all, List<EvidencePlane> withheld) {
    return all.evidence()
        .filter(network -> !withheld.isEmpty())
        .map(network -> all.weighing(from(network, withheld)))
        .orElse(all);
  }

  /** The network learned on pictures in which a kind of evidence was sometimes zero, too. */
  private static EvidenceNetwork from(EvidenceNetwork network, List<EvidencePlane> withheld) {
    return evidence -> {
      List<Plane> rest = new ArrayList<>(evidence);
      for (EvidencePlane plane : withheld) {
        Plane known = rest.get(plane.ordinal());
        rest.set(plane.ordinal(), new Plane(known.width(), known.height()));
      }
      return network.weigh(rest);
    };
  }
}

package org.ablebatch.bench.faults;

import java.util.Random;
import java.util.Set;
import org.ablebatch.core.finding.FindingKind;

/** What can be wrong, how it is planted, and as what it may be found. */
public enum Fault {
  ISLAND("an island of backdrop", MatteFaults::island, FindingKind.LEFTOVER),
  LIMB("a part cut off", MatteFaults::limb, FindingKind.MISSING_PART),
  HOLE("a hole in the subject", MatteFaults::hole, FindingKind.SUSPICIOUS_HOLE),
  GAP("a gap closed", MatteFaults::gap, FindingKind.UNOPENED_GAP),
  HAZE("faint coverage beside the subject", MatteFaults::haze, FindingKind.HAZE),
  SPILL("backdrop colour in the edge", EdgeFaults::spill, FindingKind.FRINGE),
  WIDER(
      "the outline 0.3 % too wide", EdgeFaults::wider, FindingKind.FRINGE, FindingKind.RAGGED_EDGE),
  NARROWER(
      "the outline 0.3 % too narrow",
      EdgeFaults::narrower, FindingKind.RAGGED_EDGE, FindingKind.MISSING_PART),
  RAGGED("a wavering outline", EdgeFaults::ragged, FindingKind.RAGGED_EDGE, FindingKind.FRINGE),
  FRAME("cut off by the frame", PhotographFaults::frame, FindingKind.TOUCHES_FRAME),
  SUPPORT("a rod to the border", PhotographFaults::support, FindingKind.SUPPORT),
  SHADOW("a shadow kept", PhotographFaults::shadow, FindingKind.SHADOW, FindingKind.HAZE),
  MARKS("lettering beside the subject", PhotographFaults::marks, FindingKind.STRAY_MARKS),
  BLUR("out of focus", PhotographFaults::blur, FindingKind.BLURRED),
  NOTHING("nearly nothing kept", MatteFaults::nothing, FindingKind.EMPTY),
  EVERYTHING("nearly everything kept", MatteFaults::everything, FindingKind.NEARLY_ALL);

  /** Spoils a copy; null where a picture has no place for it. */
  interface Planter {
    Planted plant(Good good, Random random);
  }

  private final String words;
  private final Planter planter;
  private final Set<FindingKind> kinds;

  Fault(String words, Planter planter, FindingKind... kinds) {
    this.words = words;
    this.planter = planter;
    this.kinds = Set.of(kinds);
  }

  public String words() {
    return words;
  }

  Set<FindingKind> kinds() {
    return kinds;
  }

  /** Some subjects are cut off by the frame from the start. */
  public boolean isThereAlready(Good good) {
    if (this != FRAME) {
      return false;
    }
    int touched = 0;
    for (int x = 0; x < good.width(); x++) {
      touched += good.inside()[x] > 0 ? 1 : 0;
      touched += good.inside()[(good.height() - 1) * good.width() + x] > 0 ? 1 : 0;
    }
    for (int y = 0; y < good.height(); y++) {
      touched += good.inside()[y * good.width()] > 0 ? 1 : 0;
      touched += good.inside()[(y + 1) * good.width() - 1] > 0 ? 1 : 0;
    }
    return touched > 0;
  }

  public Planted plant(Good good, String name) {
    return planter.plant(good, new Random(31L * name.hashCode() + ordinal()));
  }
}

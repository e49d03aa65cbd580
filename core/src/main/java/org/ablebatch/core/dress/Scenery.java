package org.ablebatch.core.dress;

/**
 * What the layers of one picture share; what costs something is made when it is first asked for.
 */
final class Scenery {
  private final Dressable dressable;
  private final Standing standing;
  private final Frame frame;
  private final ToneTable tone;
  private SubjectMask mask;

  /**
   * @param tone null = the subject keeps its colours
   */
  Scenery(Dressable dressable, Standing standing, Frame frame, ToneTable tone) {
    this.dressable = dressable;
    this.standing = standing;
    this.frame = frame;
    this.tone = tone;
  }

  Dressable dressable() {
    return dressable;
  }

  Standing standing() {
    return standing;
  }

  Frame frame() {
    return frame;
  }

  ToneTable tone() {
    return tone;
  }

  SubjectRows subjectRows() {
    return new SubjectRows(dressable.cutout(), standing.placement(), frame, false);
  }

  SubjectMask mask() {
    if (mask == null) {
      mask = SubjectMask.of(dressable.cutout(), standing, frame);
    }
    return mask;
  }
}

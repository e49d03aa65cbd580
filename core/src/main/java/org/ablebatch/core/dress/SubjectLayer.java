package org.ablebatch.core.dress;

/** The subject itself, in its tone. */
final class SubjectLayer implements Layer {
  private final SubjectRows rows;
  private final ToneTable tone;

  /**
   * @param tone null = its own colours
   */
  SubjectLayer(SubjectRows rows, ToneTable tone) {
    this.rows = rows;
    this.tone = tone;
  }

  @Override
  public void paint(int y, float[] row) {
    float[] subject = rows.row(y);
    if (subject == null) {
      return;
    }
    if (tone != null) {
      tone.applyPremultiplied(subject, rows.from(), rows.to());
    }
    Over.pixels(row, subject, rows.from(), rows.to(), 1);
  }
}

package org.ablebatch.core.dress;

/** One colour everywhere. */
record ColourLayer(float[] linear) implements Layer {
  @Override
  public void paint(int y, float[] row) {
    for (int i = 0; i < row.length; i += SubjectRows.CHANNELS) {
      Over.colour(row, i, linear, 1);
    }
  }
}

package org.ablebatch.core.dress;

/** One colour everywhere. */
record ColourLayer(float[] linear) implements Layer {
  @Override
  public void paint(int y, float[] row) {
    Over.fill(row, linear);
  }
}

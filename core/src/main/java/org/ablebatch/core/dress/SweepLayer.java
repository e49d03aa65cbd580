package org.ablebatch.core.dress;

import org.ablebatch.core.look.Fill;

/** Wall above, floor below, and a soft turn between them behind the foot line. */
final class SweepLayer implements Layer {
  private final float[] wall;
  private final float[] floor;
  private final double turn;
  private final double height;
  private final float[] mixed = new float[3];

  SweepLayer(Fill.Sweep sweep, double foot, Frame frame) {
    this.wall = Over.linear(sweep.wall());
    this.floor = Over.linear(sweep.floor());
    this.turn = foot - frame.px(sweep.behind());
    this.height = Math.max(1, frame.px(sweep.softness()));
  }

  @Override
  public void paint(int y, float[] row) {
    double t = Math.max(0, Math.min(1, (y + 0.5 - turn) / height + 0.5));
    float share = (float) (t * t * (3 - 2 * t));
    for (int c = 0; c < 3; c++) {
      mixed[c] = wall[c] + share * (floor[c] - wall[c]);
    }
    Over.fill(row, mixed);
  }
}

package org.ablebatch.core.matting;

import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.work.Pulse;

/**
 * Coverage that is, in every 3 x 3 window, as nearly a linear function of the colour as the given
 * suggestions allow (Levin, Lischinski &amp; Weiss, A Closed-Form Solution to Natural Image
 * Matting, 2008, equation 12), solved by conjugate gradients with a diagonal preconditioner.
 * Outside the zone coverage is known and fixed.
 */
final class ClosedForm {
  /** Variance of a colour that counts as none, linear light. */
  static final float LEAST_VARIANCE = 3e-6f;

  /**
   * Across a band this converges from anything. Across wider zones it would take many more steps to
   * carry coverage from the rim to the middle; there the suggestions, where it starts, hold it.
   */
  private static final int MOST_STEPS = 120;

  private static final double ENOUGH = 1e-3;

  /** Neighbours within two pixels: 5 x 5. */
  private static final int STENCIL = 25;

  private final int width;
  private final int height;
  private final int[] cells;
  private final int[] indexOf;
  private final float[] matrix;

  /**
   * Zeros before and behind the grids that are multiplied, so that the stencil of a pixel at the
   * border, 0 where it reaches beyond, can be read like any other.
   */
  private final int margin;

  private ClosedForm(ColorPlanes linear, boolean[] zone, Pulse pulse) {
    width = linear.width();
    height = linear.height();
    indexOf = new int[zone.length];
    int n = 0;
    for (int i = 0; i < zone.length; i++) {
      indexOf[i] = zone[i] ? n++ : -1;
    }
    cells = new int[n];
    for (int i = 0; i < zone.length; i++) {
      if (zone[i]) {
        cells[indexOf[i]] = i;
      }
    }
    margin = 2 * width + 2;
    matrix = new float[n * STENCIL];
    gather(linear, pulse);
  }

  /**
   * @param linear the picture in linear light
   * @param zone the unknown pixels
   * @param known coverage outside the zone, 0..1
   * @param suggested coverage inside the zone, 0..1
   * @param weight how much a suggestion counts beside the windows, 0 and more
   * @return coverage everywhere, 0..1
   */
  static float[] solve(
      ColorPlanes linear,
      boolean[] zone,
      float[] known,
      float[] suggested,
      float[] weight,
      Pulse pulse) {
    return new ClosedForm(linear, zone, pulse).solve(known, suggested, weight, pulse);
  }

  private void gather(ColorPlanes linear, Pulse pulse) {
    ColourWindow window = new ColourWindow(linear, LEAST_VARIANCE);
    int[] member = new int[9];
    for (int y = 1; y < height - 1; y++) {
      pulse.beat();
      for (int x = 1; x < width - 1; x++) {
        int centre = y * width + x;
        boolean touched = false;
        for (int k = 0; k < 9; k++) {
          member[k] = centre + (k / 3 - 1) * width + k % 3 - 1;
          touched |= indexOf[member[k]] >= 0;
        }
        if (touched) {
          window.stand(member);
          for (int a = 0; a < 9; a++) {
            int row = indexOf[member[a]];
            if (row >= 0) {
              int own = row * STENCIL + STENCIL / 2;
              matrix[own] += 1;
              window.subtractLikeness(a, matrix, own - a / 3 * 5 - a % 3, 5);
            }
          }
        }
      }
    }
  }

  private float[] solve(float[] known, float[] suggested, float[] weight, Pulse pulse) {
    int n = cells.length;
    float[] whole = new float[known.length + 2 * margin];
    System.arraycopy(known, 0, whole, margin, known.length);
    for (int cell : cells) {
      whole[margin + cell] = suggested[cell];
    }
    float[] residual = new float[n];
    float[] scale = new float[n];
    multiply(whole, weight, residual);
    double start = 0;
    for (int k = 0; k < n; k++) {
      int i = cells[k];
      residual[k] = weight[i] * suggested[i] - residual[k];
      scale[k] = 1 / Math.max(1e-6f, matrix[k * STENCIL + STENCIL / 2] + weight[i]);
      start += residual[k] * residual[k] * scale[k];
    }
    // Outside the zone the search direction is 0: what is known does not move.
    float[] direction = new float[whole.length];
    float[] image = new float[n];
    double before = start;
    for (int k = 0; k < n; k++) {
      direction[margin + cells[k]] = residual[k] * scale[k];
    }
    for (int step = 0; step < MOST_STEPS && before > ENOUGH * ENOUGH * start; step++) {
      pulse.beat();
      multiply(direction, weight, image);
      double curve = 0;
      for (int k = 0; k < n; k++) {
        curve += direction[margin + cells[k]] * image[k];
      }
      if (curve <= 0) {
        break;
      }
      float length = (float) (before / curve);
      double after = 0;
      for (int k = 0; k < n; k++) {
        int at = margin + cells[k];
        whole[at] += length * direction[at];
        residual[k] -= length * image[k];
        after += residual[k] * residual[k] * scale[k];
      }
      float keep = (float) (after / before);
      for (int k = 0; k < n; k++) {
        int at = margin + cells[k];
        direction[at] = residual[k] * scale[k] + keep * direction[at];
      }
      before = after;
    }
    float[] solved = known.clone();
    for (int cell : cells) {
      solved[cell] = Math.max(0, Math.min(1, whole[margin + cell]));
    }
    return solved;
  }

  /**
   * @param grid with its margins
   */
  private void multiply(float[] grid, float[] weight, float[] out) {
    for (int k = 0; k < cells.length; k++) {
      int i = cells[k];
      float sum = weight[i] * grid[margin + i];
      int m = k * STENCIL;
      int g = i + margin - 2 * width - 2;
      for (int row = 0; row < 5; row++) {
        sum += matrix[m] * grid[g];
        sum += matrix[m + 1] * grid[g + 1];
        sum += matrix[m + 2] * grid[g + 2];
        sum += matrix[m + 3] * grid[g + 3];
        sum += matrix[m + 4] * grid[g + 4];
        m += 5;
        g += width;
      }
      out[k] = sum;
    }
  }
}

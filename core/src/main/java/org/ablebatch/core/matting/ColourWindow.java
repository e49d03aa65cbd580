package org.ablebatch.core.matting;

import org.ablebatch.core.raster.ColorPlanes;

/**
 * The colours of a window of pixels, and what a linear function of colour can say there. Stand it
 * on a window, then ask.
 */
final class ColourWindow {
  private final ColorPlanes colours;
  private final float leastVariance;
  private int[] member = {};
  private float[] offMean = {};
  private float[] whitened = {};
  private final float[] mean = new float[3];
  private double i00;
  private double i01;
  private double i02;
  private double i11;
  private double i12;
  private double i22;

  /**
   * @param leastVariance added to every variance, so that an even window says little
   */
  ColourWindow(ColorPlanes colours, float leastVariance) {
    this.colours = colours;
    this.leastVariance = leastVariance;
  }

  /**
   * @param pixels indices of the window's pixels
   */
  void stand(int[] pixels) {
    member = pixels;
    int n = pixels.length;
    if (offMean.length != 3 * n) {
      offMean = new float[3 * n];
      whitened = new float[3 * n];
    }
    for (int c = 0; c < 3; c++) {
      float[] v = colours.channel(c);
      float sum = 0;
      for (int pixel : pixels) {
        sum += v[pixel];
      }
      mean[c] = sum / n;
      for (int k = 0; k < n; k++) {
        offMean[3 * k + c] = v[pixels[k]] - mean[c];
      }
    }
    invert(n);
    for (int k = 0; k < n; k++) {
      float a = offMean[3 * k];
      float b = offMean[3 * k + 1];
      float d = offMean[3 * k + 2];
      whitened[3 * k] = (float) (i00 * a + i01 * b + i02 * d);
      whitened[3 * k + 1] = (float) (i01 * a + i11 * b + i12 * d);
      whitened[3 * k + 2] = (float) (i02 * a + i12 * b + i22 * d);
    }
  }

  private void invert(int n) {
    double c00 = leastVariance / n;
    double c11 = c00;
    double c22 = c00;
    double c01 = 0;
    double c02 = 0;
    double c12 = 0;
    for (int k = 0; k < n; k++) {
      double a = offMean[3 * k];
      double b = offMean[3 * k + 1];
      double d = offMean[3 * k + 2];
      c00 += a * a / n;
      c01 += a * b / n;
      c02 += a * d / n;
      c11 += b * b / n;
      c12 += b * d / n;
      c22 += d * d / n;
    }
    double m00 = c11 * c22 - c12 * c12;
    double m01 = c02 * c12 - c01 * c22;
    double m02 = c01 * c12 - c02 * c11;
    double scale = 1 / (c00 * m00 + c01 * m01 + c02 * m02);
    i00 = m00 * scale;
    i01 = m01 * scale;
    i02 = m02 * scale;
    i11 = (c00 * c22 - c02 * c02) * scale;
    i12 = (c01 * c02 - c00 * c12) * scale;
    i22 = (c00 * c11 - c01 * c01) * scale;
  }

  /**
   * Subtracts the matting affinity of one member and every other of a window of 3 x 3, 1/n (1 + (a
   * - mean) S^-1 (b - mean)).
   *
   * @param to where the window's first member has its place
   * @param stride from one row of the window to the next
   */
  void subtractLikeness(int a, float[] to, int start, int stride) {
    float share = 1f / member.length;
    float off0 = offMean[3 * a];
    float off1 = offMean[3 * a + 1];
    float off2 = offMean[3 * a + 2];
    int w = 0;
    for (int row = 0; row < 3; row++) {
      for (int at = start + row * stride; at < start + row * stride + 3; at++) {
        to[at] -=
            (1 + off0 * whitened[w] + off1 * whitened[w + 1] + off2 * whitened[w + 2]) * share;
        w += 3;
      }
    }
  }

  /**
   * The best linear function of colour for values at the members: slopes of the three channels,
   * then the value at black.
   */
  void fit(float[] values, float[] out) {
    int n = member.length;
    float average = 0;
    for (int pixel : member) {
      average += values[pixel] / n;
    }
    out[0] = 0;
    out[1] = 0;
    out[2] = 0;
    for (int k = 0; k < n; k++) {
      float v = (values[member[k]] - average) / n;
      out[0] += v * whitened[3 * k];
      out[1] += v * whitened[3 * k + 1];
      out[2] += v * whitened[3 * k + 2];
    }
    out[3] = average - out[0] * mean[0] - out[1] * mean[1] - out[2] * mean[2];
  }
}

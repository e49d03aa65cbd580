package org.ablebatch.codec.heif;

import java.awt.color.ColorSpace;
import java.awt.image.BufferedImage;
import java.awt.image.ComponentColorModel;
import java.awt.image.DataBuffer;
import java.awt.image.Raster;
import java.awt.image.WritableRaster;

/**
 * Colours that are given by code points, converted to sRGB. Scenes of a high range are brought to
 * the range of a screen: their reference white (ITU-R BT.2408, 203 cd/m²) becomes white, and what
 * is brighter is compressed into the last fifth below it.
 */
public final class NclxToSrgb {
  /** Linear light of wide primaries to that of sRGB, both with white D65 (ITU-R BT.2087, annex). */
  private static final double[] FROM_BT2020 = {
    1.660491, -0.587641, -0.072850, -0.124550, 1.132900, -0.008349, -0.018151, -0.100579, 1.118730
  };

  private static final double[] FROM_P3 = {
    1.224940, -0.224940, 0, -0.042057, 1.042057, 0, -0.019638, -0.078636, 1.098274
  };

  private static final double[] SAME = {1, 0, 0, 0, 1, 0, 0, 0, 1};
  private static final double PQ_PEAK = 10_000;
  private static final double REFERENCE_WHITE = 203;
  private static final double HLG_WHITE = 0.203;
  private static final double KNEE = 0.8;
  private static final int STEPS = 1 << 16;

  private final Nclx from;
  private final double[] matrix;
  private final double[] linear;
  private final int[] coded = new int[STEPS + 1];

  private NclxToSrgb(Nclx from, int most) {
    this.from = from;
    matrix =
        switch (from.primaries()) {
          case 9 -> FROM_BT2020;
          case 12 -> FROM_P3;
          default -> SAME;
        };
    linear = new double[most + 1];
    for (int v = 0; v <= most; v++) {
      linear[v] = linear((double) v / most);
    }
    for (int step = 0; step <= STEPS; step++) {
      coded[step] = (int) Math.round(most * srgb((double) step / STEPS));
    }
  }

  /**
   * @param image RGB or RGBA, 8 or 16 bits a colour; not changed
   * @return the same layout in sRGB
   */
  public static BufferedImage convert(BufferedImage image, Nclx from) {
    if (from.isPlainSrgb() || image.getRaster().getNumBands() < 3) {
      return image;
    }
    boolean deep = image.getColorModel().getComponentSize(0) > 8;
    Raster in = image.getRaster();
    boolean alpha = in.getNumBands() > 3;
    ComponentColorModel model =
        new ComponentColorModel(
            ColorSpace.getInstance(ColorSpace.CS_sRGB),
            alpha,
            false,
            alpha ? java.awt.Transparency.TRANSLUCENT : java.awt.Transparency.OPAQUE,
            deep ? DataBuffer.TYPE_USHORT : DataBuffer.TYPE_BYTE);
    WritableRaster out = model.createCompatibleWritableRaster(image.getWidth(), image.getHeight());
    NclxToSrgb conversion = new NclxToSrgb(from, deep ? 65_535 : 255);
    int bands = in.getNumBands();
    int[] row = new int[image.getWidth() * bands];
    for (int y = 0; y < image.getHeight(); y++) {
      in.getPixels(0, y, image.getWidth(), 1, row);
      for (int at = 0; at < row.length; at += bands) {
        conversion.convert(row, at);
      }
      out.setPixels(0, y, image.getWidth(), 1, row);
    }
    return new BufferedImage(model, out, false, null);
  }

  private void convert(int[] rgb, int at) {
    double r = linear[rgb[at]];
    double g = linear[rgb[at + 1]];
    double b = linear[rgb[at + 2]];
    if (from.transfer() == 18) {
      // The system gamma of a 1,000 cd/m² screen works on luminance (ITU-R BT.2100, table 5).
      double luminance = 0.2627 * r + 0.6780 * g + 0.0593 * b;
      double gain = Math.pow(luminance, 0.2) / HLG_WHITE;
      r *= gain;
      g *= gain;
      b *= gain;
    }
    double sr = matrix[0] * r + matrix[1] * g + matrix[2] * b;
    double sg = matrix[3] * r + matrix[4] * g + matrix[5] * b;
    double sb = matrix[6] * r + matrix[7] * g + matrix[8] * b;
    double most = Math.max(sr, Math.max(sg, sb));
    double gain = from.isHighRange() && most > KNEE ? shoulder(most) / most : 1;
    rgb[at] = coded(sr * gain);
    rgb[at + 1] = coded(sg * gain);
    rgb[at + 2] = coded(sb * gain);
  }

  /** Straight up to the knee, then bent towards 1 with no corner in between. */
  private static double shoulder(double value) {
    double room = 1 - KNEE;
    return 1 - room * room / (value - KNEE + room);
  }

  private int coded(double linearSrgb) {
    return coded[(int) (STEPS * Math.max(0, Math.min(1, linearSrgb)) + 0.5)];
  }

  /** Light where 1 is white; of HLG the light of the scene, 0..1. */
  private double linear(double value) {
    return switch (from.transfer()) {
      case 8 -> value;
      case 16 -> pq(value) * PQ_PEAK / REFERENCE_WHITE;
      case 18 -> hlg(value);
      default -> value <= 0.04045 ? value / 12.92 : Math.pow((value + 0.055) / 1.055, 2.4);
    };
  }

  /** SMPTE ST 2084, equation 4.1; 1 = 10,000 cd/m². */
  private static double pq(double value) {
    double power = Math.pow(value, 1 / 78.84375);
    double over = Math.max(0, power - 0.8359375);
    return Math.pow(over / (18.8515625 - 18.6875 * power), 1 / 0.1593017578125);
  }

  /** ITU-R BT.2100, table 5: the inverse of the curve of a camera. */
  private static double hlg(double value) {
    return value <= 0.5
        ? value * value / 3
        : (Math.exp((value - 0.55991073) / 0.17883277) + 0.28466892) / 12;
  }

  private static double srgb(double value) {
    return value <= 0.0031308 ? 12.92 * value : 1.055 * Math.pow(value, 1 / 2.4) - 0.055;
  }
}

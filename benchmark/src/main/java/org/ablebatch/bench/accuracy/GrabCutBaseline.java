package org.ablebatch.bench.accuracy;

import static org.bytedeco.opencv.global.opencv_core.CV_8UC1;
import static org.bytedeco.opencv.global.opencv_core.CV_8UC3;
import static org.bytedeco.opencv.global.opencv_imgproc.GC_FGD;
import static org.bytedeco.opencv.global.opencv_imgproc.GC_INIT_WITH_RECT;
import static org.bytedeco.opencv.global.opencv_imgproc.GC_PR_FGD;
import static org.bytedeco.opencv.global.opencv_imgproc.INTER_AREA;
import static org.bytedeco.opencv.global.opencv_imgproc.INTER_LINEAR;
import static org.bytedeco.opencv.global.opencv_imgproc.grabCut;
import static org.bytedeco.opencv.global.opencv_imgproc.resize;

import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.opencv_core.Mat;
import org.bytedeco.opencv.opencv_core.Rect;
import org.bytedeco.opencv.opencv_core.Size;

/**
 * The public baseline: OpenCV's GrabCut (Rother et al. 2004) from a rectangle inset by 3 %, at most
 * 800 px, five rounds.
 */
final class GrabCutBaseline {
  private static final int LONGEST = 800;
  private static final double INSET = 0.03;
  private static final int ROUNDS = 5;

  private GrabCutBaseline() {}

  static Matte cut(Picture picture) {
    opencv_core.setNumThreads(1);
    opencv_core.setRNGSeed(1);
    double scale = Math.min(1, LONGEST / (double) Math.max(picture.width(), picture.height()));
    Size size =
        new Size(
            (int) Math.round(picture.width() * scale), (int) Math.round(picture.height() * scale));
    try (Mat full = bgr(picture);
        Mat small = new Mat();
        Mat mask = new Mat(size.height(), size.width(), CV_8UC1);
        Mat background = new Mat();
        Mat foreground = new Mat();
        Mat large = new Mat()) {
      resize(full, small, size, 0, 0, INTER_AREA);
      int dx = (int) Math.round(size.width() * INSET);
      int dy = (int) Math.round(size.height() * INSET);
      Rect inside = new Rect(dx, dy, size.width() - 2 * dx, size.height() - 2 * dy);
      grabCut(small, mask, inside, background, foreground, ROUNDS, GC_INIT_WITH_RECT);
      byte[] labels = new byte[size.width() * size.height()];
      mask.data().get(labels);
      for (int i = 0; i < labels.length; i++) {
        labels[i] = (byte) (labels[i] == GC_FGD || labels[i] == GC_PR_FGD ? 255 : 0);
      }
      mask.data().put(labels);
      resize(mask, large, new Size(picture.width(), picture.height()), 0, 0, INTER_LINEAR);
      byte[] coverage = new byte[picture.width() * picture.height()];
      large.data().get(coverage);
      return new Matte(picture.width(), picture.height(), coverage);
    }
  }

  private static Mat bgr(Picture picture) {
    byte[] bytes = new byte[3 * picture.argb().length];
    for (int i = 0; i < picture.argb().length; i++) {
      int argb = picture.argb()[i];
      bytes[3 * i] = (byte) argb;
      bytes[3 * i + 1] = (byte) (argb >> 8);
      bytes[3 * i + 2] = (byte) (argb >> 16);
    }
    Mat out = new Mat(picture.height(), picture.width(), CV_8UC3);
    out.data().put(bytes);
    return out;
  }
}

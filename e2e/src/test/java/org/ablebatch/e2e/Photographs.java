package org.ablebatch.e2e;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.ablebatch.codec.read.PictureReader;
import org.ablebatch.codec.read.ReadLimits;
import org.ablebatch.codec.read.UnreadablePicture;
import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.raster.Picture;

/** Pictures that tests send and pictures that come back. */
final class Photographs {
  private static final Path DEMO = Path.of("..", "demo", "batches");

  private Photographs() {}

  /** A photograph of the demo. */
  static Path demo(String batch, String name) {
    return DEMO.resolve(batch).resolve(name).toAbsolutePath().normalize();
  }

  static Picture read(byte[] bytes) {
    try {
      return new PictureReader(ReadLimits.DEFAULT).read(bytes).picture();
    } catch (UnreadablePicture e) {
      throw new IllegalStateException(e);
    }
  }

  /** The same photograph with more pixels, smoothly. */
  static byte[] enlarged(Path photograph, int megapixels) throws IOException {
    Picture small = read(Files.readAllBytes(photograph));
    double scale = Math.sqrt(megapixels * 1e6 / ((double) small.width() * small.height()));
    int width = (int) Math.round(small.width() * scale);
    int height = (int) Math.round(small.height() * scale);
    BufferedImage from =
        new BufferedImage(small.width(), small.height(), BufferedImage.TYPE_INT_RGB);
    from.setRGB(0, 0, small.width(), small.height(), small.argb(), 0, small.width());
    BufferedImage to = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    Graphics2D pen = to.createGraphics();
    pen.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
    pen.drawImage(from, 0, 0, width, height, null);
    pen.dispose();
    int[] argb = to.getRGB(0, 0, width, height, null, 0, width);
    return PictureWriter.jpeg(new Picture(width, height, argb), 90);
  }

  /**
   * Made-up photographs of 2 megapixels: a coloured pot-like disc on pale paper, each different.
   */
  static Map<String, byte[]> pots(int count) {
    Map<String, byte[]> files = new LinkedHashMap<>();
    for (int i = 0; i < count; i++) {
      files.put("pot-%03d.jpg".formatted(i), pot(i, 1));
    }
    return files;
  }

  /** Writes such photographs, of a size that is chosen, one by one. */
  static void writePots(Path folder, int count, int megapixels) throws IOException {
    for (int i = 0; i < count; i++) {
      Files.write(folder.resolve("pot-%03d.jpg".formatted(i)), pot(i, Math.sqrt(megapixels / 2.0)));
    }
  }

  private static byte[] pot(int number, double scale) {
    int width = (int) (1632 * scale);
    int height = (int) (1224 * scale);
    int[] argb = new int[width * height];
    double radius = scale * (260 + number % 7 * 25);
    double cx = scale * (700 + number % 11 * 20);
    int colour = 0x204060 + number * 0x050301;
    for (int i = 0; i < argb.length; i++) {
      double distance = Math.hypot(i % width - cx, i / width - 620 * scale);
      argb[i] = 0xFF000000 | (distance < radius ? colour : 0xE8E6E0);
    }
    return PictureWriter.jpeg(new Picture(width, height, argb), 88);
  }

  /** Two pots side by side on pale paper, or the bare paper. */
  static byte[] pair(boolean withPots) {
    int width = 900;
    int height = 600;
    int[] argb = new int[width * height];
    for (int i = 0; i < argb.length; i++) {
      double x = i % width;
      double y = i / width - 300.0;
      double nearest = Math.min(Math.hypot(x - 230, y), Math.hypot(x - 660, y));
      argb[i] = 0xFF000000 | (withPots && nearest < 120 ? 0x8A3A26 : 0xE8E6E0);
    }
    return PictureWriter.jpeg(new Picture(width, height, argb), 92);
  }

  static Map<String, byte[]> unzip(byte[] zip) throws IOException {
    Map<String, byte[]> files = new HashMap<>();
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
      for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        files.put(entry.getName(), in.readAllBytes());
      }
    }
    return files;
  }
}

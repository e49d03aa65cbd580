package org.ablebatch.e2e;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.imageio.ImageIO;
import org.ablebatch.codec.read.PictureReader;
import org.ablebatch.codec.read.ReadLimits;
import org.ablebatch.codec.read.UnreadablePicture;
import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.dress.QuickShrink;
import org.ablebatch.core.raster.Picture;

/** Pictures that tests send and pictures that come back. */
final class Photographs {
  private static final Path DEMO = Path.of("..", "demo");
  private static final Path DEMO_BATCHES = DEMO.resolve("batches");

  private Photographs() {}

  /** A photograph of the demo. */
  static Path demo(String batch, String name) {
    return DEMO_BATCHES.resolve(batch).resolve(name).toAbsolutePath().normalize();
  }

  /** The demo's folder once more, its photographs with fewer pixels. */
  static void writeSmallDemo(Path folder, int longSide) throws IOException {
    List<Path> all;
    try (Stream<Path> inside = Files.walk(DEMO)) {
      all = inside.filter(Files::isRegularFile).toList();
    }
    for (Path file : all) {
      Path copy = folder.resolve(DEMO.relativize(file).toString());
      Files.createDirectories(copy.getParent());
      boolean isPhotograph = file.startsWith(DEMO_BATCHES);
      Files.write(copy, isPhotograph ? smaller(file, longSide) : Files.readAllBytes(file));
    }
  }

  static Picture read(byte[] bytes) {
    try {
      return new PictureReader(ReadLimits.DEFAULT).read(bytes).picture();
    } catch (UnreadablePicture e) {
      throw new IllegalStateException(e);
    }
  }

  /** The same photograph with fewer pixels. */
  static byte[] smaller(Path photograph, int longSide) throws IOException {
    Picture small = QuickShrink.toLongSide(read(Files.readAllBytes(photograph)), longSide);
    return PictureWriter.jpeg(small, 92);
  }

  /** The same photograph with more pixels, smoothly, and nothing outside of an ellipse in it. */
  static byte[] enlargedOnNothing(Path photograph, int megapixels) throws IOException {
    BufferedImage from = ImageIO.read(photograph.toFile());
    double scale = Math.sqrt(megapixels * 1e6 / ((double) from.getWidth() * from.getHeight()));
    int width = (int) Math.round(from.getWidth() * scale);
    int height = (int) Math.round(from.getHeight() * scale);
    BufferedImage to = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
    Graphics2D pen = to.createGraphics();
    pen.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
    pen.setClip(new Ellipse2D.Double(width * 0.1, height * 0.1, width * 0.8, height * 0.8));
    pen.drawImage(from, 0, 0, width, height, null);
    pen.dispose();
    int[] argb = to.getRGB(0, 0, width, height, null, 0, width);
    return PictureWriter.quickPng(new Picture(width, height, argb));
  }

  /** Made-up photographs: a coloured pot-like disc on pale paper, each different. */
  static Map<String, byte[]> pots(int count, int width) {
    Map<String, byte[]> files = new LinkedHashMap<>();
    for (int i = 0; i < count; i++) {
      files.put("pot-%03d.jpg".formatted(i), pot(i, width));
    }
    return files;
  }

  /** Writes such photographs one by one. */
  static void writePots(Path folder, int count, int width) throws IOException {
    for (int i = 0; i < count; i++) {
      Files.write(folder.resolve("pot-%03d.jpg".formatted(i)), pot(i, width));
    }
  }

  private static byte[] pot(int number, int width) {
    int height = width * 3 / 4;
    double radius = width * (0.16 + number % 7 * 0.015);
    double cx = width * (0.43 + number % 11 * 0.012);
    int colour = 0xFF702818 + number * 0x010201;
    int[] argb = new int[width * height];
    for (int i = 0; i < argb.length; i++) {
      double dx = i % width - cx;
      double dy = i / width - height * 0.5;
      argb[i] = dx * dx + dy * dy < radius * radius ? colour : 0xFFE8E6E0;
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

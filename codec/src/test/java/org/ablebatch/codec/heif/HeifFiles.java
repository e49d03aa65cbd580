package org.ablebatch.codec.heif;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Transparency;
import java.awt.color.ColorSpace;
import java.awt.image.BufferedImage;
import java.awt.image.ComponentColorModel;
import java.awt.image.DataBuffer;
import java.awt.image.WritableRaster;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import javax.imageio.ImageIO;

/** HEIC and AVIF files as phones write them, made by the encoder beside the decoder. */
final class HeifFiles {
  static final int WIDTH = 64;
  static final int HEIGHT = 48;

  private final Path folder;

  HeifFiles(Path folder) {
    this.folder = folder;
  }

  /**
   * @param suffix heic or avif
   * @param options of the encoder
   * @param pictures as files that it reads, the main one first
   */
  byte[] encode(String suffix, List<String> options, byte[]... pictures) throws Exception {
    List<String> command = new ArrayList<>(List.of("heif-enc", "-q", "95"));
    command.addAll(options);
    for (int i = 0; i < pictures.length; i++) {
      String kind = pictures[i][0] == (byte) 0x89 ? "png" : "jpg";
      command.add(Files.write(folder.resolve("in" + i + "." + kind), pictures[i]).toString());
    }
    Path out = folder.resolve("out." + suffix);
    command.addAll(List.of("-o", out.toString()));
    Process process =
        new ProcessBuilder(command)
            .redirectErrorStream(true)
            .redirectOutput(folder.resolve("said").toFile())
            .start();
    assertThat(process.waitFor()).as(Files.readString(folder.resolve("said"))).isZero();
    return Files.readAllBytes(out);
  }

  /** Left one colour, right another, 8 bits. */
  static byte[] halves(int left, int right) throws IOException {
    BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
    for (int y = 0; y < HEIGHT; y++) {
      for (int x = 0; x < WIDTH; x++) {
        image.setRGB(x, y, x < WIDTH / 2 ? left : right);
      }
    }
    return png(image);
  }

  /** Soft clouds with grain, so that most of the file is what it codes. */
  static byte[] noise(int width, int height, Random random) throws IOException {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        int cloud = (int) (128 + 60 * Math.sin(x / 17.0) * Math.cos(y / 23.0));
        image.setRGB(x, y, (cloud + random.nextInt(30)) * 0x010101 + random.nextInt(12));
      }
    }
    return png(image);
  }

  /** One colour of 16 bits. */
  static byte[] deep(int red, int green, int blue) throws IOException {
    ComponentColorModel model =
        new ComponentColorModel(
            ColorSpace.getInstance(ColorSpace.CS_sRGB),
            false,
            false,
            Transparency.OPAQUE,
            DataBuffer.TYPE_USHORT);
    WritableRaster raster = model.createCompatibleWritableRaster(WIDTH, HEIGHT);
    for (int i = 0; i < WIDTH * HEIGHT; i++) {
      raster.setPixel(i % WIDTH, i / WIDTH, new int[] {red, green, blue});
    }
    return png(new BufferedImage(model, raster, false, null));
  }

  private static byte[] png(BufferedImage image) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, "png", out);
    return out.toByteArray();
  }

  /** Says that the colours of an AVIF are these, in place of those that the encoder wrote. */
  static byte[] withColours(byte[] avif, int primaries, int transfer) {
    byte[] changed = avif.clone();
    int at = find(changed, "colrnclx") + 8;
    changed[at + 1] = (byte) primaries;
    changed[at + 3] = (byte) transfer;
    return changed;
  }

  /** Turns what is seen by a quarter, anticlockwise; the colour box gives its place for it. */
  static byte[] turned(byte[] avif) {
    byte[] changed = avif.clone();
    int at = find(changed, "colrnclx");
    System.arraycopy("irot".getBytes(StandardCharsets.ISO_8859_1), 0, changed, at, 4);
    changed[at + 4] = 1;
    return changed;
  }

  /** Where these letters stand for the first time. */
  static int find(byte[] bytes, String letters) {
    int at = new String(bytes, StandardCharsets.ISO_8859_1).indexOf(letters);
    assertThat(at).as(letters).isPositive();
    return at;
  }
}

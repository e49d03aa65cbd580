package org.ablebatch.server;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Arrays;
import java.util.HexFormat;
import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.raster.Picture;

/** Small pictures as file bytes. */
public final class TestPictures {
  private TestPictures() {}

  /**
   * A disc in the middle of pale paper. The colour also stands in a comment, so that files of other
   * colours differ even where the coder makes the same of both.
   */
  public static byte[] discJpeg(int width, int height, int rgb) {
    byte[] jpeg = PictureWriter.jpeg(disc(width, height, rgb), 92);
    byte[] comment = "%08x".formatted(rgb).getBytes(StandardCharsets.US_ASCII);
    return ByteBuffer.allocate(jpeg.length + 4 + comment.length)
        .put(jpeg, 0, 2)
        .putShort((short) 0xFFFE)
        .putShort((short) (2 + comment.length))
        .put(comment)
        .put(jpeg, 2, jpeg.length - 2)
        .array();
  }

  /** The same picture as a phone would keep it, by the encoder beside the decoder. */
  public static byte[] heic(byte[] jpeg) throws IOException, InterruptedException {
    Path folder = Files.createTempDirectory("able-heic");
    Path in = Files.write(folder.resolve("in.jpg"), jpeg);
    Path out = folder.resolve("out.heic");
    Process encoder =
        new ProcessBuilder("heif-enc", "-q", "95", in.toString(), "-o", out.toString())
            .redirectErrorStream(true)
            .redirectOutput(folder.resolve("said").toFile())
            .start();
    if (encoder.waitFor() != 0) {
      throw new IllegalStateException(Files.readString(folder.resolve("said")));
    }
    return Files.readAllBytes(out);
  }

  public static Picture disc(int width, int height, int rgb) {
    int[] argb = new int[width * height];
    double radius = Math.min(width, height) * 0.3;
    for (int i = 0; i < argb.length; i++) {
      double distance = Math.hypot(i % width + 0.5 - width / 2.0, i / width + 0.5 - height / 2.0);
      double in = Math.max(0, Math.min(1, radius - distance + 0.5));
      argb[i] = 0xFF000000;
      for (int shift = 0; shift <= 16; shift += 8) {
        long value = Math.round(in * (rgb >> shift & 0xFF) + (1 - in) * 0xE6);
        argb[i] |= (int) value << shift;
      }
    }
    return new Picture(width, height, argb);
  }

  public static byte[] evenPng(int width, int height, int rgb) {
    int[] argb = new int[width * height];
    Arrays.fill(argb, 0xFF000000 | rgb);
    return PictureWriter.png(new Picture(width, height, argb));
  }

  /** Two discs of one colour on pale paper, at a quarter and three quarters of the width. */
  public static byte[] twoDiscsJpeg(int width, int height, int rgb) {
    int[] argb = new int[width * height];
    for (int i = 0; i < argb.length; i++) {
      double x = i % width + 0.5;
      double y = i / width + 0.5 - height / 2.0;
      double nearest = Math.min(Math.hypot(x - width / 4.0, y), Math.hypot(x - width * 3 / 4.0, y));
      argb[i] = 0xFF000000 | (nearest < height * 0.22 ? rgb : 0xE6E2DA);
    }
    return PictureWriter.jpeg(new Picture(width, height, argb), 94);
  }

  /** A set covered in checks, with or without a disc of a close colour in the middle. */
  public static byte[] checks(int width, int height, boolean withDisc) {
    int[] argb = new int[width * height];
    for (int i = 0; i < argb.length; i++) {
      int x = i % width;
      int y = i / width;
      boolean disc = Math.hypot(x - width / 2.0, y - height / 2.0) < height * 0.25;
      argb[i] =
          withDisc && disc ? 0xFFA06848 : (x / 11 + y / 11) % 2 == 0 ? 0xFFC8B49C : 0xFF7C6450;
    }
    return PictureWriter.png(new Picture(width, height, argb));
  }

  /** In hexadecimal digits. */
  static String sha256(byte[] bytes) throws NoSuchAlgorithmException {
    return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
  }
}

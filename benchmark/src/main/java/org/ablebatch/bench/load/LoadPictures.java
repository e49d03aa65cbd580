package org.ablebatch.bench.load;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.ablebatch.codec.read.PictureReader;
import org.ablebatch.codec.read.ReadLimits;
import org.ablebatch.codec.read.UnreadablePicture;
import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.dress.Frame;
import org.ablebatch.core.dress.Placement;
import org.ablebatch.core.dress.Resampling;
import org.ablebatch.core.look.Colour;
import org.ablebatch.core.raster.Picture;

/** Thousands of different files of 2 megapixels, made from the demo's photographs. */
final class LoadPictures {
  private static final double PIXELS = 2e6;
  private static final int QUALITY = 90;

  private LoadPictures() {}

  /**
   * Photographs at 2 megapixels, each written many times with another comment, so that no two files
   * are the same.
   */
  static List<Path> write(Path demo, Path folder, int count) throws IOException {
    List<byte[]> bases = new ArrayList<>();
    try (Stream<Path> files = Files.walk(demo)) {
      for (Path file : files.filter(f -> f.toString().endsWith(".jpg")).sorted().toList()) {
        bases.add(PictureWriter.jpeg(atTwoMegapixels(file), QUALITY));
      }
    }
    Files.createDirectories(folder);
    List<Path> written = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      Path file = folder.resolve("QG-%04d_load.jpg".formatted(i));
      Files.write(file, commented(bases.get(i % bases.size()), "picture " + i));
      written.add(file);
    }
    return written;
  }

  private static Picture atTwoMegapixels(Path file) throws IOException {
    try {
      Picture picture =
          new PictureReader(ReadLimits.DEFAULT).read(Files.readAllBytes(file)).picture();
      double scale = Math.sqrt(PIXELS / ((double) picture.width() * picture.height()));
      Frame frame =
          new Frame(
              (int) Math.round(picture.width() * scale),
              (int) Math.round(picture.height() * scale));
      Picture placed = Resampling.into(frame, picture, new Placement(scale, 0, 0));
      return Resampling.over(placed, Colour.WHITE);
    } catch (UnreadablePicture e) {
      throw new IOException(file + ": " + e.getMessage(), e);
    }
  }

  /** A JPEG with a comment segment (T.81, marker COM) after its first marker. */
  private static byte[] commented(byte[] jpeg, String comment) {
    byte[] text = comment.getBytes(StandardCharsets.US_ASCII);
    ByteArrayOutputStream out = new ByteArrayOutputStream(jpeg.length + text.length + 4);
    out.write(jpeg, 0, 2);
    out.writeBytes(new byte[] {(byte) 0xFF, (byte) 0xFE, 0, (byte) (text.length + 2)});
    out.writeBytes(text);
    out.write(jpeg, 2, jpeg.length - 2);
    return out.toByteArray();
  }

  /** Seconds to copy the files one by one, each forced to the disk as an upload is. */
  static double copySeconds(List<Path> files, Path folder) throws IOException {
    Files.createDirectories(folder);
    long began = System.nanoTime();
    for (Path file : files) {
      Path copy = folder.resolve(file.getFileName());
      try (FileChannel out =
          FileChannel.open(copy, StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE)) {
        out.write(ByteBuffer.wrap(Files.readAllBytes(file)));
        out.force(true);
      }
    }
    double seconds = (System.nanoTime() - began) / 1e9;
    for (Path file : files) {
      Files.delete(folder.resolve(file.getFileName()));
    }
    return seconds;
  }
}

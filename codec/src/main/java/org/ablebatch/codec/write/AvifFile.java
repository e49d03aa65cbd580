package org.ablebatch.codec.write;

import java.io.IOException;
import java.io.InterruptedIOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.ablebatch.core.deliver.Encoding;
import org.ablebatch.core.raster.Picture;

/**
 * AVIF by Debian's {@code heif-enc} (package libheif-examples). It says sRGB in the file; a
 * resolution or words it can't be given.
 */
public final class AvifFile {
  private static final List<Path> FOLDERS =
      List.of(Path.of("/usr/bin"), Path.of("/usr/local/bin"), Path.of("/bin"));
  private static final String COMMAND = "heif-enc";
  private static final long SECONDS_A_MEGAPIXEL = 60;
  private static final int MEGAPIXEL = 1_000_000;

  /** ITU-T H.273: BT.709 primaries, sRGB transfer. */
  private static final String PRIMARIES = "1";

  private static final String TRANSFER = "13";

  private AvifFile() {}

  /** Whether this machine can write AVIF. */
  public static boolean isPossible() {
    return command() != null;
  }

  private static Path command() {
    return FOLDERS.stream()
        .map(folder -> folder.resolve(COMMAND))
        .filter(Files::isExecutable)
        .findFirst()
        .orElse(null);
  }

  /**
   * @throws CannotWrite when the encoder is not on this machine or fails
   */
  static byte[] of(Picture picture, Encoding.Avif encoding) {
    Path command = command();
    if (command == null) {
      throw new CannotWrite("This server can’t write AVIF: Debian’s libheif-examples is missing");
    }
    try {
      Path folder = Files.createTempDirectory("able-avif");
      Path in = folder.resolve("in.png");
      Path out = folder.resolve("out.avif");
      try {
        Files.write(in, PictureWriter.quickPng(picture));
        run(picture, command, encoding.quality(), in, out);
        return Files.readAllBytes(out);
      } finally {
        Files.deleteIfExists(in);
        Files.deleteIfExists(out);
        Files.delete(folder);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static void run(Picture picture, Path command, int quality, Path in, Path out)
      throws IOException {
    Process process =
        new ProcessBuilder(
                command.toString(),
                "--avif",
                "-q",
                String.valueOf(quality),
                "--colour_primaries",
                PRIMARIES,
                "--transfer_characteristic",
                TRANSFER,
                in.toString(),
                "-o",
                out.toString())
            .redirectErrorStream(true)
            .redirectOutput(ProcessBuilder.Redirect.DISCARD)
            .start();
    long megapixels = 1 + (long) picture.width() * picture.height() / MEGAPIXEL;
    try {
      if (!process.waitFor(megapixels * SECONDS_A_MEGAPIXEL, TimeUnit.SECONDS)
          || process.exitValue() != 0) {
        throw new CannotWrite("The AVIF encoder could not write this picture");
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new InterruptedIOException("interrupted while a picture was being written");
    } finally {
      process.destroyForcibly().onExit().join();
    }
  }
}

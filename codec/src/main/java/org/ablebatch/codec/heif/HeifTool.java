package org.ablebatch.codec.heif;

import java.io.IOException;
import java.io.InterruptedIOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

/**
 * Debian's {@code heif-convert} (package libheif-examples) as a process of its own: what a damaged
 * or hostile file does to its decoder ends with that process, and the kernel holds it to limits of
 * memory, processor time and size (prlimit).
 */
public final class HeifTool {
  /** The Debian package that brings it. */
  public static final String PACKAGE = "libheif-examples";

  private static final String COMMAND = "heif-convert";
  private static final List<Path> USUAL_FOLDERS =
      List.of(Path.of("/usr/bin"), Path.of("/usr/local/bin"), Path.of("/bin"));

  private static final long USUAL_MEMORY_BYTES = 1L << 30;
  private static final long MEMORY_BYTES_A_PIXEL = 32;
  private static final long WRITTEN_BYTES_A_PIXEL = 9;
  private static final long PIXELS_A_CPU_SECOND = 500_000;

  /** With less than this left on the disk, a failure says nothing about the file. */
  private static final long LEAST_ROOM_BYTES = 64 << 20;

  private final List<Path> folders;
  private final Limits limits;

  /**
   * @param cpuSeconds of a small picture; a large one gets more
   * @param wallPerCpu how much longer it may take by the clock: other work on the machine may leave
   *     it a small share of a processor
   */
  record Limits(long cpuSeconds, long wallPerCpu) {
    static final Limits USUAL = new Limits(20, 15);
  }

  public HeifTool() {
    this(USUAL_FOLDERS, Limits.USUAL);
  }

  HeifTool(List<Path> folders, Limits limits) {
    this.folders = folders;
    this.limits = limits;
  }

  /** How it went. */
  public sealed interface Outcome {
    /**
     * @param png the main picture, upright, with 8 or 16 bits and its profile
     */
    record Converted(byte[] png) implements Outcome {}

    /** It is not what its beginning says that it is. */
    record Refused() implements Outcome {}

    /** It took longer than any honest file of that size. */
    record TooSlow() implements Outcome {}

    /** {@link #PACKAGE} is not on this machine. */
    record NotInstalled() implements Outcome {}
  }

  /**
   * Decodes the main picture.
   *
   * @param bytes the whole file; unchanged
   * @param facts what it says of itself
   * @throws UncheckedIOException when there is no room for the temporary files, or the thread is
   *     interrupted; nothing is wrong with the file then
   */
  public Outcome convert(byte[] bytes, HeifFacts facts) {
    Optional<Path> command =
        folders.stream()
            .map(folder -> folder.resolve(COMMAND))
            .filter(Files::isExecutable)
            .findFirst();
    if (command.isEmpty()) {
      return new Outcome.NotInstalled();
    }
    Path folder = null;
    try {
      folder = Files.createTempDirectory("able-heif");
      Path in = Files.write(folder.resolve("in.heif"), bytes);
      return run(command.get(), folder, in, facts);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } finally {
      clear(folder);
    }
  }

  private Outcome run(Path command, Path folder, Path in, HeifFacts facts) throws IOException {
    // All pictures of a file are decoded and written, one after the other.
    long pixels = (long) facts.widest() * facts.highest();
    long all = pixels * facts.pictures();
    long cpuSeconds = limits.cpuSeconds() + all / PIXELS_A_CPU_SECOND;
    ProcessBuilder builder =
        new ProcessBuilder(
                "prlimit",
                "--as=" + (USUAL_MEMORY_BYTES + pixels * MEMORY_BYTES_A_PIXEL),
                "--cpu=" + cpuSeconds,
                "--fsize=" + ((1 << 20) + pixels * WRITTEN_BYTES_A_PIXEL),
                "--nofile=64",
                "--core=0",
                "--",
                command.toString(),
                "--quiet",
                in.toString(),
                folder.resolve("out.png").toString())
            .directory(folder.toFile())
            .redirectErrorStream(true)
            .redirectOutput(ProcessBuilder.Redirect.DISCARD);
    Map<String, String> environment = builder.environment();
    environment.clear();
    environment.put("PATH", "/usr/bin:/bin");
    Process process = builder.start();
    try {
      if (!process.waitFor(cpuSeconds * limits.wallPerCpu(), TimeUnit.SECONDS)) {
        return new Outcome.TooSlow();
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new InterruptedIOException("interrupted while a picture was being decoded");
    } finally {
      process.destroyForcibly().onExit().join();
    }
    // With several pictures in the file it numbers what it writes.
    Path out =
        folder.resolve(
            facts.pictures() == 1 ? "out.png" : "out-%d.png".formatted(facts.main() + 1));
    if (process.exitValue() == 0 && Files.exists(out)) {
      return new Outcome.Converted(Files.readAllBytes(out));
    }
    if (Files.getFileStore(folder).getUsableSpace() < LEAST_ROOM_BYTES) {
      throw new IOException("there is no room left for temporary files");
    }
    return new Outcome.Refused();
  }

  private static void clear(Path folder) {
    if (folder == null) {
      return;
    }
    try (Stream<Path> files = Files.walk(folder)) {
      for (Path file : files.sorted(Comparator.reverseOrder()).toList()) {
        Files.delete(file);
      }
    } catch (IOException e) {
      throw new UncheckedIOException("temporary files could not be removed", e);
    }
  }
}

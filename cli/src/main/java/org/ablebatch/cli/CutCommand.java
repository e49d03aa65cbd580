package org.ablebatch.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Stream;
import org.ablebatch.codec.read.PictureReader;
import org.ablebatch.codec.read.ReadLimits;
import org.ablebatch.codec.read.UnreadablePicture;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.raster.Picture;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/**
 * {@code able cut}: every input becomes NAME.png beside its siblings in the output folder. Goes on
 * past bad files; exit code 1 when any failed, 2 on wrong use.
 */
@Command(
    name = "cut",
    mixinStandardHelpOptions = true,
    description = "Writes NAME.png (transparent, original size) for every picture.")
final class CutCommand implements Callable<Integer> {
  private static final String METHODS = "auto, plain, uneven, busy, person, see-through, ink, flat";

  @Spec private CommandSpec spec;

  @Parameters(paramLabel = "INPUT", arity = "1..*", description = "Picture files or folders.")
  private List<Path> inputs;

  @Option(names = "--out", required = true, paramLabel = "DIR", description = "Output folder.")
  private Path out;

  @Option(
      names = "--method",
      defaultValue = "auto",
      description = "One of: " + METHODS + ". Default: ${DEFAULT-VALUE}.")
  private String methodName;

  @Option(names = "--matte", description = "Also write NAME.matte.png.")
  private boolean withMatte;

  @Option(names = "--threads", paramLabel = "N", description = "Pictures at once. Default: cores.")
  private int threads = Runtime.getRuntime().availableProcessors();

  @Option(
      names = "--empty-set",
      paramLabel = "FILE",
      description = "Photograph of the set without a subject, same size as the pictures.")
  private Path emptySet;

  @Option(names = "--report", paramLabel = "FILE", description = "Write a JSON report.")
  private Path report;

  @Override
  public Integer call() throws IOException {
    Method method = method();
    if (threads < 1) {
      throw wrongUse("--threads must be at least 1, not " + threads);
    }
    List<Path> files = files();
    if (files.isEmpty()) {
      throw wrongUse("no files found in " + inputs);
    }
    Files.createDirectories(out);
    FileCutter cutter = new FileCutter(out, method, withMatte, emptySet());
    List<CutReport> reports = cutAll(cutter.named(files), cutter);
    if (report != null) {
      CutReport.write(reports, report);
    }
    return reports.stream().anyMatch(CutReport::isProblem) ? 1 : 0;
  }

  /** Reports in the order of the files, whatever the order in which they are done. */
  private List<CutReport> cutAll(List<FileCutter.Task> tasks, FileCutter cutter) {
    Progress progress =
        Progress.to(spec.commandLine().getErr(), tasks.size(), System.console() != null);
    ExecutorService pool = Executors.newFixedThreadPool(threads);
    try {
      List<Future<CutReport>> futures = new ArrayList<>();
      for (FileCutter.Task task : tasks) {
        futures.add(
            pool.submit(
                () -> {
                  CutReport done = cutter.cut(task);
                  synchronized (progress) {
                    progress.done(done);
                  }
                  return done;
                }));
      }
      List<CutReport> reports = new ArrayList<>();
      for (Future<CutReport> future : futures) {
        reports.add(future.get());
      }
      progress.end();
      return reports;
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException("stopped", e);
    } catch (ExecutionException e) {
      throw new IllegalStateException(e.getCause());
    } finally {
      pool.shutdownNow();
    }
  }

  private Optional<Picture> emptySet() throws IOException {
    if (emptySet == null) {
      return Optional.empty();
    }
    try {
      byte[] bytes = Files.readAllBytes(emptySet);
      return Optional.of(new PictureReader(ReadLimits.DEFAULT).read(bytes).picture());
    } catch (NoSuchFileException e) {
      throw wrongUse(emptySet + " does not exist");
    } catch (UnreadablePicture e) {
      throw wrongUse(emptySet + ": " + e.getMessage());
    }
  }

  private List<Path> files() throws IOException {
    List<Path> files = new ArrayList<>();
    for (Path input : inputs) {
      if (!Files.exists(input)) {
        throw wrongUse(input + " does not exist");
      }
      if (Files.isDirectory(input)) {
        try (Stream<Path> inside = Files.walk(input)) {
          inside
              .filter(Files::isRegularFile)
              .filter(FileCutter::mayBePicture)
              .sorted()
              .forEach(files::add);
        }
      } else {
        files.add(input);
      }
    }
    return files;
  }

  private Method method() {
    return Stream.of(Method.values())
        .filter(m -> m.isChoosable() && m.wireName().equals(methodName))
        .findFirst()
        .orElseThrow(() -> wrongUse("“" + methodName + "” is not a method; use one of " + METHODS));
  }

  private CommandLine.ParameterException wrongUse(String sentence) {
    return new CommandLine.ParameterException(spec.commandLine(), sentence);
  }
}

package org.ablebatch.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
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
  @Spec private CommandSpec spec;

  @Parameters(paramLabel = "INPUT", arity = "1..*", description = "Picture files or folders.")
  private List<Path> inputs;

  @Option(names = "--out", required = true, paramLabel = "DIR", description = "Output folder.")
  private Path out;

  @Option(
      names = "--method",
      defaultValue = "auto",
      description = "One of: " + MethodNames.ALL + ". Default: ${DEFAULT-VALUE}.")
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
    Method method =
        MethodNames.method(methodName).orElseThrow(() -> wrongUse(MethodNames.unknown(methodName)));
    if (threads < 1) {
      throw wrongUse("--threads must be at least 1, not " + threads);
    }
    List<Inputs.Task> tasks = tasks();
    if (tasks.isEmpty()) {
      throw wrongUse("no files found in " + inputs);
    }
    Files.createDirectories(out);
    FileCutter cutter = new FileCutter(new OutputFolder(out), method, withMatte, emptySet());
    List<CutReport> reports =
        new Workers(threads, spec.commandLine().getErr()).all(tasks, cutter::cut);
    if (report != null) {
      Reports.write(reports, report);
    }
    return reports.stream().anyMatch(CutReport::isProblem) ? 1 : 0;
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

  private List<Inputs.Task> tasks() throws IOException {
    try {
      return Inputs.find(inputs);
    } catch (NoSuchFileException e) {
      throw wrongUse(e.getFile() + " does not exist");
    }
  }

  private CommandLine.ParameterException wrongUse(String sentence) {
    return new CommandLine.ParameterException(spec.commandLine(), sentence);
  }
}

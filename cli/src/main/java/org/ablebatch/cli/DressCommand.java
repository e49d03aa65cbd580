package org.ablebatch.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.ablebatch.core.deliver.Encoding;
import org.ablebatch.core.dress.Frame;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/**
 * {@code able dress}: every input under a look. Goes on past bad files; exit code 1 when any
 * failed, 2 on wrong use. What the look hurts is said with each picture.
 */
@Command(
    name = "dress",
    mixinStandardHelpOptions = true,
    description =
        "Lays every picture under a look: cutouts as they are, photographs cut out first.")
final class DressCommand implements Callable<Integer> {
  private static final Pattern SIZE = Pattern.compile("(\\d{1,5})[x×](\\d{1,5})");
  private static final int QUALITY = 92;
  private static final int LARGEST_SIDE_PX = 30_000;
  private static final long MOST_PIXELS = 120_000_000;

  @Spec private CommandSpec spec;

  @Parameters(
      index = "0",
      paramLabel = "LOOK",
      description = "Look file, as docs/look-file.md says.")
  private Path lookFile;

  @Parameters(
      index = "1..*",
      paramLabel = "INPUT",
      arity = "1..*",
      description = "Picture files or folders.")
  private List<Path> inputs;

  @Option(names = "--out", required = true, paramLabel = "DIR", description = "Output folder.")
  private Path out;

  @Option(names = "--size", required = true, paramLabel = "WxH", description = "Such as 1600x1600.")
  private String size;

  @Option(
      names = "--format",
      defaultValue = "jpeg",
      description = "png, jpeg or webp. Default: ${DEFAULT-VALUE}.")
  private String formatName;

  @Mixin private PictureOptions pictures;

  @Option(names = "--report", paramLabel = "FILE", description = "Write a JSON report.")
  private Path report;

  @Override
  public Integer call() throws IOException {
    GivenFiles given = new GivenFiles(spec.commandLine());
    FileDresser.Work work = new FileDresser.Work(given.look(lookFile), frame(), encoding());
    int threads = pictures.threads(given);
    PictureSource source = pictures.source(given);
    List<Inputs.Task> tasks = given.pictures(inputs);
    Files.createDirectories(out);
    Path beside = lookFile.toAbsolutePath().normalize().getParent();
    FileDresser dresser =
        new FileDresser(new OutputFolder(out), work, source, new FileSupplies(beside));
    List<DressReport> reports =
        new Workers(threads, spec.commandLine().getErr()).all(tasks, dresser::dress);
    if (report != null) {
      Reports.write(reports, report);
    }
    return reports.stream().anyMatch(DressReport::isProblem) ? 1 : 0;
  }

  private Frame frame() {
    Matcher matcher = SIZE.matcher(size);
    if (matcher.matches()) {
      int width = Integer.parseInt(matcher.group(1));
      int height = Integer.parseInt(matcher.group(2));
      boolean possible =
          width >= 1
              && height >= 1
              && Math.max(width, height) <= LARGEST_SIDE_PX
              && (long) width * height <= MOST_PIXELS;
      if (possible) {
        return new Frame(width, height);
      }
    }
    throw wrongUse("--size is a width and a height such as 1600x1600, not “" + size + "”");
  }

  private Encoding encoding() {
    return switch (formatName) {
      case "png" -> new Encoding.Png(Encoding.Palette.WHEN_EXACT);
      case "jpeg" -> new Encoding.Jpeg(QUALITY, Encoding.Chroma.HALF, false);
      case "webp" -> new Encoding.WebP(QUALITY);
      default -> throw wrongUse("--format is png, jpeg or webp, not “" + formatName + "”");
    };
  }

  private CommandLine.ParameterException wrongUse(String sentence) {
    return new CommandLine.ParameterException(spec.commandLine(), sentence);
  }
}

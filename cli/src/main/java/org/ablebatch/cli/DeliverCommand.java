package org.ablebatch.cli;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import org.ablebatch.codec.deliver.FileMaker;
import org.ablebatch.codec.spec.SpecFile;
import org.ablebatch.core.deliver.Planner;
import org.ablebatch.core.dress.Dresser;
import org.ablebatch.core.look.Look;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * {@code able deliver}: every input under every spec, with a manifest. The files are the same to
 * the byte as the application's. Goes on past bad files; exit code 1 when any failed, 2 on wrong
 * use.
 */
@Command(
    name = "deliver",
    mixinStandardHelpOptions = true,
    description = "Makes every picture's files as specs ask for them, with a manifest.")
final class DeliverCommand implements Callable<Integer> {
  private static final String MANIFEST = "manifest.json";

  @Spec private CommandSpec spec;

  @Parameters(
      index = "0",
      paramLabel = "SPECS",
      description = "File of specs, as docs/spec-file.md says.")
  private Path specsFile;

  @Parameters(
      index = "1..*",
      paramLabel = "INPUT",
      arity = "1..*",
      description = "Cutouts or folders; photographs are cut out first.")
  private List<Path> inputs;

  @Option(
      names = "--out",
      paramLabel = "DIR",
      description = "Output folder. With --beside, for the manifest only.")
  private Path out;

  @Option(
      names = "--beside",
      description =
          "Files go beside the pictures they are made of; what is there already is not touched.")
  private boolean beside;

  @Option(names = "--look", paramLabel = "FILE", description = "Look file. Default: no backdrop.")
  private Path lookFile;

  @Option(names = "--zip", description = "One ZIP, delivery.zip, in the output folder.")
  private boolean zip;

  @Option(names = "--sharpen", description = "What has to be enlarged is made crisp.")
  private boolean sharpen;

  @Mixin private PictureOptions pictures;

  @Override
  public Integer call() throws IOException {
    GivenFiles given = new GivenFiles(spec.commandLine());
    int threads = pictures.threads(given);
    Planner planner = new Planner(SpecFile.toSpecs(given.specs(specsFile)));
    Look look = lookFile == null ? Look.DEFAULT : given.look(lookFile);
    PictureSource source = pictures.source(given);
    List<Inputs.Task> tasks = given.pictures(inputs);
    if (out == null) {
      if (!beside) {
        throw new ParameterException(spec.commandLine(), "Say where files go: --out or --beside");
      }
      out = tasks.get(0).file().toAbsolutePath().getParent();
    }
    if (zip && beside) {
      throw new ParameterException(spec.commandLine(), "A ZIP is one file: --zip needs --out");
    }
    if (beside) {
      Set<String> made = madeBefore(out.resolve(MANIFEST));
      tasks =
          tasks.stream()
              .filter(task -> !made.contains(task.file().getFileName().toString()))
              .toList();
    }
    Files.createDirectories(out);
    List<Inputs.Task> all = tasks;
    FileMaker maker = new FileMaker(new Dresser(new FileSupplies(besideLook())));
    try (Output output = output()) {
      FileDeliverer deliverer = new FileDeliverer(source, planner, maker, look, sharpen, output);
      List<DeliverReport> reports =
          new Workers(threads, spec.commandLine().getErr())
              .all(all, task -> deliverer.deliver(task, all.indexOf(task)));
      ByteArrayOutputStream manifest = new ByteArrayOutputStream();
      Reports.write(reports, manifest);
      output.write(MANIFEST, manifest.toByteArray());
      return reports.stream().anyMatch(DeliverReport::isProblem) ? 1 : 0;
    }
  }

  /** What stands beside pictures from an earlier run is not made of. */
  private static Set<String> madeBefore(Path manifest) throws IOException {
    if (!Files.isRegularFile(manifest)) {
      return Set.of();
    }
    Set<String> names = new HashSet<>();
    for (JsonNode picture : new JsonMapper().readTree(Files.readAllBytes(manifest))) {
      picture.path("files").forEach(file -> names.add(file.path("name").asString("")));
    }
    return names;
  }

  private Output output() throws IOException {
    if (zip) {
      return new OutputZip(out.resolve("delivery.zip"));
    }
    return beside ? new OutputBeside(out) : new OutputFolder(out);
  }

  private Path besideLook() {
    Path beside = lookFile == null ? out : lookFile;
    return beside.toAbsolutePath().normalize().getParent();
  }
}

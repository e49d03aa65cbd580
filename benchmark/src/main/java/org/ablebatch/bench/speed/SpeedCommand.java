package org.ablebatch.bench.speed;

import java.util.List;
import java.util.concurrent.Callable;
import org.openjdk.jmh.profile.MemPoolProfiler;
import org.openjdk.jmh.results.format.ResultFormatType;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.ChainedOptionsBuilder;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/**
 * {@code bench speed}: JMH over {@link CutSpeed}, {@link MendSpeed}, {@link DressSpeed} and {@link
 * DeliverSpeed}, one thread or several.
 */
@Command(
    name = "speed",
    mixinStandardHelpOptions = true,
    description =
        "Milliseconds and peak heap per picture: stages, the whole, and plain decode and encode.")
public final class SpeedCommand implements Callable<Integer> {
  @Option(
      names = "--megapixels",
      split = ",",
      defaultValue = "1,12,48",
      description = "Default: ${DEFAULT-VALUE}.")
  private List<String> megapixels;

  @Option(
      names = "--threads",
      defaultValue = "1",
      description = "Pictures at once. Default: ${DEFAULT-VALUE}.")
  private int threads;

  @Option(names = "--only", description = "A regular expression over the benchmarks' names.")
  private String only = ".*";

  @Option(names = "--json", description = "Also write JMH's results here.")
  private String json;

  @Override
  public Integer call() throws RunnerException {
    ChainedOptionsBuilder options =
        new OptionsBuilder()
            .include(CutSpeed.class.getName() + "\\." + only)
            .include(MendSpeed.class.getName() + "\\." + only)
            .include(DressSpeed.class.getName() + "\\." + only)
            .include(DeliverSpeed.class.getName() + "\\." + only)
            .param("megapixels", megapixels.toArray(String[]::new))
            .threads(threads)
            .addProfiler(MemPoolProfiler.class)
            .jvmArgsAppend("-Djava.awt.headless=true");
    if (json != null) {
      options.resultFormat(ResultFormatType.JSON).result(json);
    }
    new Runner(options.build()).run();
    return 0;
  }
}

package org.ablebatch.bench;

import org.ablebatch.bench.accuracy.AccuracyCommand;
import org.ablebatch.bench.accuracy.CalibrationCommand;
import org.ablebatch.bench.faults.FaultsCommand;
import org.ablebatch.bench.learning.GlassCommand;
import org.ablebatch.bench.learning.JudgementsCommand;
import org.ablebatch.bench.learning.OutcomesCommand;
import org.ablebatch.bench.learning.PlanesCommand;
import org.ablebatch.bench.learning.ProposalsCommand;
import org.ablebatch.bench.learning.StrandsCommand;
import org.ablebatch.bench.load.LoadCommand;
import org.ablebatch.bench.mending.HintsCommand;
import org.ablebatch.bench.mending.MendingCommand;
import org.ablebatch.bench.speed.SpeedCommand;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/** The command {@code bench}: what the engine is worth, and what it costs. */
@Command(
    name = "bench",
    mixinStandardHelpOptions = true,
    description = "Measures the engine.",
    subcommands = {
      AccuracyCommand.class,
      SpeedCommand.class,
      LoadCommand.class,
      FaultsCommand.class,
      CalibrationCommand.class,
      MendingCommand.class,
      HintsCommand.class,
      PlanesCommand.class,
      JudgementsCommand.class,
      GlassCommand.class,
      StrandsCommand.class,
      OutcomesCommand.class,
      ProposalsCommand.class
    })
public final class Bench {
  Bench() {}

  public static void main(String[] args) {
    System.exit(new CommandLine(new Bench()).execute(args));
  }
}

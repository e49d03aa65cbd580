package org.ablebatch.cli;

import picocli.CommandLine;
import picocli.CommandLine.Command;

/** The command line's front door. */
@Command(
    name = "able",
    mixinStandardHelpOptions = true,
    version = "able 0.1",
    description = "Cuts pictures out of their backdrops, dresses and delivers them.",
    subcommands = {CutCommand.class, DressCommand.class, DeliverCommand.class})
public final class Able {
  public Able() {}

  public static void main(String[] args) {
    System.exit(new CommandLine(new Able()).execute(args));
  }
}

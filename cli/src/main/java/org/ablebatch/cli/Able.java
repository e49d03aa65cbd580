package org.ablebatch.cli;

import picocli.CommandLine;
import picocli.CommandLine.Command;

/** The command line's front door. */
@Command(
    name = "able",
    mixinStandardHelpOptions = true,
    version = "able 0.1",
    description = "Cuts pictures out of their backdrops and dresses them.",
    subcommands = {CutCommand.class, DressCommand.class})
public final class Able {
  Able() {}

  public static void main(String[] args) {
    System.exit(new CommandLine(new Able()).execute(args));
  }
}

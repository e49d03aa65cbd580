package org.ablebatch.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.List;
import org.ablebatch.codec.list.SetListFile;
import org.ablebatch.codec.list.UnreadableList;
import org.ablebatch.codec.look.LookFile;
import org.ablebatch.codec.spec.SpecEntry;
import org.ablebatch.codec.spec.SpecFile;
import org.ablebatch.core.deliver.InvalidSpec;
import org.ablebatch.core.look.InvalidLook;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.sets.SetList;
import picocli.CommandLine;

/** Files that a command is given beside its pictures; what is wrong with one is wrong use. */
record GivenFiles(CommandLine command) {
  Look look(Path file) throws IOException {
    try {
      return LookFile.read(bytes(file)).look();
    } catch (InvalidLook e) {
      throw wrongUse(file + ": " + e.field() + ": " + e.getMessage());
    }
  }

  List<SpecEntry> specs(Path file) throws IOException {
    try {
      return SpecFile.read(bytes(file)).specs();
    } catch (InvalidSpec e) {
      throw wrongUse(file + ": " + e.field() + ": " + e.getMessage());
    }
  }

  /**
   * @param file null = none
   */
  SetList list(Path file) throws IOException {
    if (file == null) {
      return new SetList(List.of());
    }
    try {
      return new SetList(SetListFile.read(bytes(file)));
    } catch (UnreadableList e) {
      throw wrongUse(file + ": " + e.getMessage());
    }
  }

  List<Inputs.Task> pictures(List<Path> inputs) throws IOException {
    List<Inputs.Task> tasks;
    try {
      tasks = Inputs.find(inputs);
    } catch (NoSuchFileException e) {
      throw wrongUse(e.getFile() + " does not exist");
    }
    if (tasks.isEmpty()) {
      throw wrongUse("no files found in " + inputs);
    }
    return tasks;
  }

  private byte[] bytes(Path file) throws IOException {
    try {
      return Files.readAllBytes(file);
    } catch (NoSuchFileException e) {
      throw wrongUse(file + " does not exist");
    }
  }

  CommandLine.ParameterException wrongUse(String sentence) {
    return new CommandLine.ParameterException(command, sentence);
  }
}

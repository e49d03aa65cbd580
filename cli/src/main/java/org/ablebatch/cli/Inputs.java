package org.ablebatch.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;

/** The files that a command works on. */
final class Inputs {
  private static final Set<String> PICTURE_ENDINGS =
      Set.of("jpg", "jpeg", "png", "webp", "tif", "tiff", "gif", "bmp");

  private Inputs() {}

  /**
   * @param name of the result, without ending
   */
  record Task(Path file, String name) {}

  /**
   * Files as they are named, folders with the pictures in them.
   *
   * @throws NoSuchFileException when one is not there
   */
  static List<Task> find(List<Path> inputs) throws IOException {
    List<Path> files = new ArrayList<>();
    for (Path input : inputs) {
      if (!Files.exists(input)) {
        throw new NoSuchFileException(input.toString());
      }
      if (Files.isDirectory(input)) {
        try (Stream<Path> inside = Files.walk(input)) {
          inside
              .filter(Files::isRegularFile)
              .filter(Inputs::mayBePicture)
              .sorted()
              .forEach(files::add);
        }
      } else {
        files.add(input);
      }
    }
    return named(files);
  }

  /** Two inputs of one name must not overwrite each other's result; the order decides. */
  private static List<Task> named(List<Path> files) {
    Set<String> taken = new HashSet<>();
    List<Task> tasks = new ArrayList<>();
    for (Path file : files) {
      String fileName = file.getFileName().toString();
      int dot = fileName.lastIndexOf('.');
      String stem = dot > 0 ? fileName.substring(0, dot) : fileName;
      String name = stem;
      for (int n = 2; !taken.add(name); n++) {
        name = stem + "-" + n;
      }
      tasks.add(new Task(file, name));
    }
    return tasks;
  }

  private static boolean mayBePicture(Path file) {
    String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
    return PICTURE_ENDINGS.contains(name.substring(name.lastIndexOf('.') + 1))
        && !name.endsWith(".matte.png");
  }
}

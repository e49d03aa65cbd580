package org.ablebatch.server.delivery;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Arrays;
import org.ablebatch.server.problem.BadInput;

/**
 * A folder under the one that may be written to. Each file is there whole or not at all; one that
 * is there with the same bytes is left as it is, so that an interrupted delivery can be repeated.
 */
final class TargetFolder {
  private static final String REPLACED = "replaced";
  private static final int LONGEST = 200;

  private final Path folder;
  private int written;
  private int replaced;
  private int skipped;

  private TargetFolder(Path folder) {
    this.folder = folder;
  }

  /**
   * @param name of a folder below the root, with slashes for folders in folders
   * @throws BadInput when it would lie anywhere else
   */
  static TargetFolder open(Path root, String name) throws IOException {
    if (name == null || name.isBlank() || name.length() > LONGEST) {
      throw BadInput.expected("folder", "a name of 1 to " + LONGEST + " characters", name);
    }
    if (name.chars().anyMatch(c -> c < ' ' || "\\:*?\"<>|".indexOf(c) >= 0)) {
      throw new BadInput("folder", "A folder’s name holds no \\ : * ? \" < > |");
    }
    Path top = Files.createDirectories(root).toRealPath();
    Path folder = top.resolve(name.strip()).normalize();
    if (folder.equals(top) || !folder.startsWith(top)) {
      throw new BadInput(
          "folder", "The folder has to lie below the one that is set up for deliveries");
    }
    // What is there already may lead elsewhere by a link.
    Path there = folder;
    while (!Files.exists(there)) {
      there = there.getParent();
    }
    if (!there.toRealPath().startsWith(top)) {
      throw new BadInput(
          "folder", "This folder leads out of the one that is set up for deliveries");
    }
    return new TargetFolder(Files.createDirectories(folder));
  }

  void put(String name, byte[] bytes, WhenThere whenThere) throws IOException {
    Path file = folder.resolve(name);
    if (Files.exists(file)) {
      if (Files.size(file) == bytes.length && Arrays.equals(Files.readAllBytes(file), bytes)) {
        skipped++;
        return;
      }
      switch (whenThere) {
        case SKIP -> {
          skipped++;
          return;
        }
        case REPLACE -> {
          Path old = Files.createDirectories(folder.resolve(REPLACED));
          Files.move(file, free(old, name));
          replaced++;
        }
        case KEEP_BOTH -> file = free(folder, name);
      }
    }
    write(file, bytes);
    written++;
  }

  /** Always the newest; what it was before stands in the files themselves. */
  void overwrite(String name, byte[] bytes) throws IOException {
    write(folder.resolve(name), bytes);
  }

  private void write(Path file, byte[] bytes) throws IOException {
    Path part = Files.createTempFile(folder, ".able-", ".part");
    try {
      Files.write(part, bytes);
      Files.move(part, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    } finally {
      Files.deleteIfExists(part);
    }
  }

  private static Path free(Path in, String name) {
    int dot = name.lastIndexOf('.');
    String stem = dot > 0 ? name.substring(0, dot) : name;
    String ending = dot > 0 ? name.substring(dot) : "";
    Path path = in.resolve(name);
    for (int n = 2; Files.exists(path); n++) {
      path = in.resolve(stem + "-" + n + ending);
    }
    return path;
  }

  Path folder() {
    return folder;
  }

  int written() {
    return written;
  }

  int replaced() {
    return replaced;
  }

  int skipped() {
    return skipped;
  }
}

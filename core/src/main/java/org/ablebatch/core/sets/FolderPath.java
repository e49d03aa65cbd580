package org.ablebatch.core.sets;

import java.util.Arrays;
import java.util.stream.Collectors;

/** The folders of a path from anywhere, as names only: never used to open anything. */
public final class FolderPath {
  private static final int LONGEST = 480;

  private FolderPath() {}

  /**
   * @param path of a file, with slashes of either kind; null = none
   * @return folder names joined by {@code /}, without the file's; empty = none
   */
  public static String of(String path) {
    if (path == null) {
      return "";
    }
    String[] parts = path.replace('\\', '/').split("/");
    String folders =
        Arrays.stream(parts, 0, Math.max(0, parts.length - 1))
            .map(part -> part.replaceAll("\\p{Cntrl}", "").strip())
            .filter(part -> !part.isEmpty() && !part.equals(".") && !part.equals(".."))
            .filter(part -> !part.matches("[A-Za-z]:"))
            .collect(Collectors.joining("/"));
    return folders.length() <= LONGEST ? folders : folders.substring(folders.length() - LONGEST);
  }
}

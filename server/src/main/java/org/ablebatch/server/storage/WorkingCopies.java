package org.ablebatch.server.storage;

import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * Originals that take seconds to decode have a copy that is read in a moment: the same pixels,
 * upright, as PNG. A copy may be lost like any rendition; then the original is decoded again.
 */
@Component
public class WorkingCopies {
  private final BlobStore originals;
  private final RenditionStore renditions;
  private final JdbcTemplate jdbc;

  WorkingCopies(BlobStore originals, RenditionStore renditions, JdbcTemplate jdbc) {
    this.originals = originals;
    this.renditions = renditions;
    this.jdbc = jdbc;
  }

  /**
   * @param original name of the original in the store
   * @param png its pixels, upright, sRGB
   */
  public void keep(String original, byte[] png) {
    jdbc.update(
        "INSERT INTO working_copy (original_blob, copy_blob) VALUES (?, ?)"
            + " ON DUPLICATE KEY UPDATE copy_blob = VALUES(copy_blob)",
        original,
        renditions.put(png));
  }

  /**
   * What an original's pixels are read from.
   *
   * @throws StorageFailed when neither is there any more
   */
  public byte[] readable(String original) {
    List<String> copies =
        jdbc.queryForList(
            "SELECT copy_blob FROM working_copy WHERE original_blob = ?", String.class, original);
    return copies.stream()
        .findFirst()
        .flatMap(renditions::find)
        .orElseGet(() -> originals.get(original));
  }

  /**
   * Forgets which copies belonged to originals that are gone.
   *
   * @param known of some originals those that somebody still refers to
   */
  public void forgetUnknown(UnaryOperator<Set<String>> known) {
    Set<String> all =
        Set.copyOf(jdbc.queryForList("SELECT original_blob FROM working_copy", String.class));
    if (all.isEmpty()) {
      return;
    }
    Set<String> kept = known.apply(all);
    all.stream()
        .filter(original -> !kept.contains(original))
        .forEach(
            original -> jdbc.update("DELETE FROM working_copy WHERE original_blob = ?", original));
  }
}

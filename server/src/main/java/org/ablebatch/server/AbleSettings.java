package org.ablebatch.server;

import java.nio.file.Path;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * What the start command decides.
 *
 * @param data the folder that holds the blobs
 * @param demo the folder with the demo pictures; empty = no demo
 * @param workers pictures cut at the same time; 0 = one per core
 */
@ConfigurationProperties("able")
public record AbleSettings(Path data, String demo, int workers) {
  public int workersOrCores() {
    return workers > 0 ? workers : Runtime.getRuntime().availableProcessors();
  }
}

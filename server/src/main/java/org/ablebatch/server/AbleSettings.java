package org.ablebatch.server;

import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * What the start command decides.
 *
 * @param data the folder that holds the blobs
 * @param demo the folder with the demo pictures; empty = no demo
 * @param workers pictures cut at the same time; 0 = one per core
 * @param hosts names beside 127.0.0.1 and localhost under which it answers
 * @param cleanGrace how old a blob must be before it may be found to be nobody's
 */
@ConfigurationProperties("able")
public record AbleSettings(
    Path data, String demo, int workers, List<String> hosts, Duration cleanGrace) {
  public int workersOrCores() {
    return workers > 0 ? workers : Runtime.getRuntime().availableProcessors();
  }
}

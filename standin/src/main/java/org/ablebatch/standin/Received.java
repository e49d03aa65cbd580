package org.ablebatch.standin;

import java.time.Instant;

/**
 * A file that came.
 *
 * @param key that its sender gave it, so that it comes only once
 * @param sha256 of its bytes, hexadecimal
 * @param times it was sent; more than 1 where an answer was lost
 */
public record Received(
    String name, String key, String type, long bytes, String sha256, int times, Instant at) {
  Received again() {
    return new Received(name, key, type, bytes, sha256, times + 1, at);
  }
}

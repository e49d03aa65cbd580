package org.ablebatch.server.access;

import java.util.Collection;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The names under which the application answers. Any other name that leads to this machine may have
 * been made to lead here by somebody else (DNS rebinding), whose page could then read everything.
 */
final class ServedNames {
  private static final Set<String> ALWAYS = Set.of("127.0.0.1", "localhost", "[::1]");

  private final Set<String> names;

  /**
   * @param more names that a start option adds; case does not count
   */
  ServedNames(Collection<String> more) {
    names =
        Stream.concat(ALWAYS.stream(), more.stream().map(String::strip))
            .filter(name -> !name.isEmpty())
            .map(ServedNames::normal)
            .collect(Collectors.toUnmodifiableSet());
  }

  /**
   * @param host without a port; an IPv6 address with or without brackets
   */
  boolean contains(String host) {
    return host != null && names.contains(normal(host));
  }

  /**
   * @param host without a port
   */
  static boolean isThisMachine(String host) {
    return host != null && ALWAYS.contains(normal(host));
  }

  private static String normal(String host) {
    String lower = host.toLowerCase(Locale.ROOT);
    return lower.contains(":") && !lower.startsWith("[") ? "[" + lower + "]" : lower;
  }
}

package org.ablebatch.cli;

import java.util.Optional;
import java.util.stream.Stream;
import org.ablebatch.core.cut.Method;

/** Methods as they are named on the command line. */
final class MethodNames {
  static final String ALL = "auto, plain, uneven, busy, person, see-through, ink, flat";

  private MethodNames() {}

  static Optional<Method> method(String name) {
    return Stream.of(Method.values())
        .filter(m -> m.isChoosable() && m.wireName().equals(name))
        .findFirst();
  }

  static String unknown(String name) {
    return "“" + name + "” is not a method; use one of " + ALL;
  }
}

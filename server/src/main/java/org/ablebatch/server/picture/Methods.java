package org.ablebatch.server.picture;

import org.ablebatch.core.cut.Method;
import org.ablebatch.server.problem.BadInput;

/** Methods as people ask for them. */
public final class Methods {
  private Methods() {}

  /**
   * @throws BadInput for a name that is unknown or can't be asked for
   */
  public static Method choosable(String name) {
    try {
      Method method = Method.ofWireName(name);
      if (method.isChoosable()) {
        return method;
      }
    } catch (IllegalArgumentException e) {
      throw new BadInput("method", e.getMessage());
    }
    throw new BadInput("method", "“" + name + "” can’t be chosen");
  }
}

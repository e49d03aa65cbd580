package org.ablebatch.server.batch;

import java.util.Arrays;
import java.util.List;
import org.ablebatch.core.cut.Method;
import org.ablebatch.server.problem.BadInput;
import org.ablebatch.server.problem.Choice;

/** Methods as people ask for them. */
public final class Methods {
  private static final List<Method> CHOOSABLE =
      Arrays.stream(Method.values()).filter(Method::isChoosable).toList();

  private Methods() {}

  /**
   * @throws BadInput for a name that is unknown or can't be asked for
   */
  public static Method choosable(String name) {
    return Choice.of("method", CHOOSABLE, Method::wireName, name);
  }
}

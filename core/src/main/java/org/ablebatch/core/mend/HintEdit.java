package org.ablebatch.core.mend;

import java.util.Optional;
import org.ablebatch.core.area.Area;
import org.ablebatch.core.hint.Hint;

/**
 * A stroke that says what lies under it.
 *
 * @param thing what it lies on, as far as that changes sides; empty = its surroundings are solved
 *     again
 */
public record HintEdit(Hint hint, Optional<Area> thing) implements Edit {
  /** One that speaks for its surroundings. */
  public HintEdit(Hint hint) {
    this(hint, Optional.empty());
  }

  /** The thing and the side that it is on. */
  Optional<SettleEdit> settling() {
    return thing.map(
        area -> new SettleEdit(hint.kind() == Hint.Kind.SUBJECT ? Mode.RESTORE : Mode.ERASE, area));
  }
}

package org.ablebatch.core.mend;

import java.util.Optional;
import org.ablebatch.core.area.Area;
import org.ablebatch.core.hint.Hint;
import org.ablebatch.core.stroke.Stroke;

/**
 * A stroke that says what lies under it.
 *
 * @param thing what it lies on, as far as that changes sides; empty = its surroundings are solved
 *     again
 */
public record HintEdit(Hint hint, Optional<Area> thing) implements Edit {
  /** A hint need not be exact: of its width so much is. */
  private static final double CERTAIN = 0.5;

  /** One that speaks for its surroundings. */
  public HintEdit(Hint hint) {
    this(hint, Optional.empty());
  }

  /** What lies under the middle of the stroke is certain, whatever the colours around it say. */
  Stroke core() {
    return new Stroke(Math.max(1, CERTAIN * hint.sizePx()), 0, 1, hint.points());
  }

  /** The thing and the side that it is on. */
  public Optional<SettleEdit> settling() {
    return thing.map(
        area -> new SettleEdit(hint.kind() == Hint.Kind.SUBJECT ? Mode.RESTORE : Mode.ERASE, area));
  }
}

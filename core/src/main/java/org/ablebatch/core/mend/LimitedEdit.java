package org.ablebatch.core.mend;

import org.ablebatch.core.area.Area;

/** Another edit, only inside an area. */
public record LimitedEdit(Area area, Edit edit) implements Edit {
  public LimitedEdit {
    if (edit instanceof LimitedEdit) {
      throw new IllegalArgumentException("An edit is limited to one area");
    }
  }
}

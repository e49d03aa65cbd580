package org.ablebatch.core.mend;

import org.ablebatch.core.area.Area;

/** Erases or restores all that lies in an area. */
public record AreaEdit(Mode mode, Area area) implements Edit {}

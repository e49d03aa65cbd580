package org.ablebatch.core.mend;

import org.ablebatch.core.area.Area;

/**
 * Brings a region over from another version of the picture.
 *
 * @param versionId who keeps the versions knows which
 */
public record TakeEdit(long versionId, Area area) implements Edit {}

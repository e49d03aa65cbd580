package org.ablebatch.core.mend;

import org.ablebatch.core.area.Area;

/**
 * Says of an area which side it belongs to. Unlike {@link AreaEdit} the area's rim is not the new
 * outline: that is solved again around it, with the colours of both sides.
 *
 * @param mode erase = backdrop, restore = subject
 */
public record SettleEdit(Mode mode, Area area) implements Edit {}

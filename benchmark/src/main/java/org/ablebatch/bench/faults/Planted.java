package org.ablebatch.bench.faults;

import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;

/**
 * A picture with a fault.
 *
 * @param photograph some faults are in the photograph
 * @param place where, in pixels
 */
public record Planted(Picture photograph, Cutout cutout, Rect place) {}

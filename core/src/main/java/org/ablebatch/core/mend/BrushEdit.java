package org.ablebatch.core.mend;

import org.ablebatch.core.stroke.Stroke;

/**
 * A stroke that erases or restores.
 *
 * @param edgeAware true = only what looks like the side that is meant: restoring brings no backdrop
 *     back, erasing leaves the subject
 */
public record BrushEdit(Mode mode, boolean edgeAware, Stroke stroke) implements Edit {}

package org.ablebatch.core.mend;

import org.ablebatch.core.stroke.Stroke;

/** A stroke over hair, fur, bristles or grass: coverage and colours are worked out anew there. */
public record StrandEdit(Stroke stroke) implements Edit {}

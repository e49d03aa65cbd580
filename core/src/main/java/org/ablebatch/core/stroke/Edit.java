package org.ablebatch.core.stroke;

/** One thing that a person did to a cutout. Data only; {@link EditReplay} carries it out. */
public sealed interface Edit permits BrushStroke {}

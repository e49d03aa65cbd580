package org.ablebatch.core.backdrop;

/** What the backdrop is like, as far as the border of the picture tells. */
public enum BackdropKind {
  /** One colour, evenly lit. */
  PLAIN,
  /** One material, with light that falls off or mild mottling. */
  UNEVEN,
  /** Patterned, or a scene; no smooth surface describes it. */
  BUSY
}

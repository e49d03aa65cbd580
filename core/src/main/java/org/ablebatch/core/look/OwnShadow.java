package org.ablebatch.core.look;

/**
 * The photograph's own shadow, lifted off its backdrop and laid on the new one.
 *
 * @param strength percent; 100 = as dark as it was
 * @param elseMade where the photograph has none to lift, one is made instead
 */
public record OwnShadow(double strength, boolean elseMade) implements Setting {
  public OwnShadow {
    Limits.require("strength", strength, 0, 200);
  }
}

package org.ablebatch.core.look;

/**
 * Dark where the subject meets the floor.
 *
 * @param strength percent
 * @param reach how high above the floor something still darkens it
 * @param softness blur radius
 */
public record ContactShadow(double strength, double reach, double softness, Colour colour)
    implements Setting {
  public static final ContactShadow DEFAULT = new ContactShadow(55, 4, 0.9, new Colour(0x2A1F14));

  public ContactShadow {
    Limits.percent("strength", strength);
    Limits.require("reach", reach, 0.1, 40);
    Limits.require("softness", softness, 0, 20);
    Limits.given("colour", colour);
  }
}

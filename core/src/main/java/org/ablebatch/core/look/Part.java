package org.ablebatch.core.look;

/**
 * One part of a look.
 *
 * @param id by which changes for one picture name it; unique in its look
 * @param name how people call it
 * @param on an off part is kept and does nothing
 */
public record Part(String id, String name, boolean on, Setting setting) {
  public Part {
    Limits.words("id", id, 40);
    if (!id.matches("[A-Za-z0-9_-]+")) {
      throw new InvalidLook("id", "an id has letters, digits, - and _, not “" + id + "”");
    }
    Limits.words("name", name, 80);
    Limits.given("setting", setting);
  }

  public Part with(Setting other) {
    return new Part(id, name, on, other);
  }

  /** The same part, on or off. */
  public Part switched(boolean to) {
    return new Part(id, name, to, setting);
  }
}

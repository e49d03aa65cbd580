package org.ablebatch.core.look;

/** What fills the frame behind everything. */
public record Backdrop(Fill fill) implements Setting {
  public Backdrop {
    Limits.given("fill", fill);
  }
}

package org.ablebatch.core.dress;

import org.ablebatch.core.look.Lettering;

/** Sets a text in a box. The letters are somebody else's business; core only lays them down. */
public interface LetterSetter {
  /**
   * The box and the sizes in pixels of the frame.
   *
   * @param size of the letters
   * @param least the smallest size
   */
  record Room(double width, double height, double size, double least) {}

  /** The text in lines, shrunk as far as it must and may be. */
  SetText set(String text, Lettering style, Room room);
}

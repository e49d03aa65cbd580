package org.ablebatch.core.dress;

/** Something that is laid over what is already there, row by row. */
interface Layer {
  /**
   * @param y asked for in ascending order, each once
   * @param row R, G, B premultiplied in linear light and coverage of every pixel; changed
   */
  void paint(int y, float[] row);
}

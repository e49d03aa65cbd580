package org.ablebatch.core.look;

/** A piece of a text that is filled for every picture. */
public sealed interface Word {
  /** The same for every picture. */
  record Fixed(String text) implements Word {
    public Fixed {
      Limits.words("text", text, 300);
    }
  }

  /** The picture's code. */
  record Code() implements Word {}

  /** The picture's group. */
  record Group() implements Word {}

  /** The file's name without its ending. */
  record FileName() implements Word {}

  /** What the batch's list says of the picture in that column. */
  record Column(String name) implements Word {
    public Column {
      Limits.words("name", name, 100);
    }
  }
}

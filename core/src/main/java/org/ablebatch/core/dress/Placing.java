package org.ablebatch.core.dress;

import org.ablebatch.core.raster.Rect;

/** Who decides where a subject goes in a frame: the look, or what the frame is for. */
public sealed interface Placing {
  Placing BY_LOOK = new ByLook();

  /** The look's own place. */
  record ByLook() implements Placing {}

  /** Where its photograph has it; the photograph is as large as the frame. */
  record AsPhotographed() implements Placing {
    @Override
    public Placement placement(Rect content, Rect picture, Frame frame) {
      return new Placement(frame.width() / (double) picture.width(), 0, 0);
    }
  }

  /** The photograph covers the frame, and the subject stays inside of it where that can be. */
  record Covering() implements Placing {
    @Override
    public Placement placement(Rect content, Rect picture, Frame frame) {
      double scale =
          Math.max(
              frame.width() / (double) picture.width(), frame.height() / (double) picture.height());
      return new Placement(
          scale,
          offset(content.x(), content.right(), picture.width(), scale, frame.width()),
          offset(content.y(), content.bottom(), picture.height(), scale, frame.height()));
    }

    /** As near to the photograph's own middle as leaves the subject inside. */
    private static double offset(int from, int to, int side, double scale, int room) {
      double least = room - scale * side;
      double middle = least / 2;
      double inside = scale * (to - from);
      if (inside >= room) {
        return clamped((room - scale * (from + to)) / 2, least);
      }
      double wanted = Math.max(-scale * from, Math.min(room - scale * to, middle));
      return clamped(wanted, least);
    }

    private static double clamped(double offset, double least) {
      return Math.max(least, Math.min(0, offset));
    }
  }

  /**
   * The subject's box in the middle, at a scale of its own.
   *
   * @param scale above 0
   */
  record Centred(double scale) implements Placing {
    @Override
    public Placement placement(Rect content, Rect picture, Frame frame) {
      return new Placement(
          scale,
          (frame.width() - scale * content.width()) / 2 - scale * content.x(),
          (frame.height() - scale * content.height()) / 2 - scale * content.y());
    }
  }

  /**
   * Where a picture goes that is neither turned nor there several times.
   *
   * @param content the subject's box in the picture
   * @return null where the look decides
   */
  default Placement placement(Rect content, Rect picture, Frame frame) {
    return null;
  }
}

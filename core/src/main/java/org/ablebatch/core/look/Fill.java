package org.ablebatch.core.look;

import java.util.List;

/** What stands behind the subject in a result. */
public sealed interface Fill {
  /** Nothing: the result is see-through where nothing else is. */
  record Clear() implements Fill {}

  /** One colour. */
  record Solid(Colour colour) implements Fill {
    public static final Solid WHITE = new Solid(Colour.WHITE);

    public Solid {
      Limits.given("colour", colour);
    }

    /**
     * @param rgb {@code 0xRRGGBB}
     */
    public Solid(int rgb) {
      this(new Colour(rgb));
    }
  }

  /** How a gradient's colours lie. */
  enum Spread {
    /** Along a direction, over the frame's extent in it. */
    LINEAR,
    /** From the frame's middle to its corners. */
    RADIAL
  }

  /**
   * A colour at a place of a gradient.
   *
   * @param at percent of the way
   */
  record Stop(double at, Colour colour) {
    public Stop {
      Limits.percent("at", at);
      Limits.given("colour", colour);
    }
  }

  /**
   * Colours that run into each other, mixed in linear light.
   *
   * @param angle direction of a linear one in degrees: 0 = to the right, 90 = downwards
   * @param stops two to twelve, in order
   */
  record Gradient(Spread spread, double angle, List<Stop> stops) implements Fill {
    private static final int MOST_STOPS = 12;

    public Gradient {
      Limits.given("spread", spread);
      Limits.require("angle", angle, -360, 360);
      stops = Limits.all("stops", stops);
      if (stops.size() < 2 || stops.size() > MOST_STOPS) {
        throw new InvalidLook(
            "stops", "a gradient has 2 to " + MOST_STOPS + " stops, not " + stops.size());
      }
      for (int i = 1; i < stops.size(); i++) {
        if (stops.get(i).at() < stops.get(i - 1).at()) {
          throw new InvalidLook("stops[" + i + "].at", "stops stand in the order of their places");
        }
      }
    }
  }

  /**
   * A wall and a floor with a soft turn between them, behind the line that the subject stands on.
   *
   * @param behind how far above the foot line the turn is, percent of the frame's shorter side
   * @param softness height of the turn, percent of the frame's shorter side
   */
  record Sweep(Colour wall, Colour floor, double behind, double softness) implements Fill {
    public Sweep {
      Limits.given("wall", wall);
      Limits.given("floor", floor);
      Limits.require("behind", behind, 0, 60);
      Limits.percent("softness", softness);
    }
  }

  /** How a picture fills a frame of another shape. */
  enum Fit {
    COVER,
    CONTAIN,
    TILE
  }

  /**
   * A picture, shipped or one's own.
   *
   * @param picture which
   * @param focusX what stays in view where it is cut, percent of the picture's width
   * @param focusY the same of its height
   * @param size of a tile, percent of the frame's shorter side; of the others without meaning
   * @param blur radius, percent of the frame's shorter side
   * @param brightness -100..100
   */
  record Image(
      String picture,
      Fit fit,
      double focusX,
      double focusY,
      double size,
      double blur,
      double brightness)
      implements Fill {
    public Image {
      Limits.words("picture", picture, 80);
      Limits.given("fit", fit);
      Limits.percent("focusX", focusX);
      Limits.percent("focusY", focusY);
      Limits.require("size", size, 1, 400);
      Limits.require("blur", blur, 0, 30);
      Limits.require("brightness", brightness, -100, 100);
    }
  }

  /**
   * The photograph itself behind its subject, where it was. Its own subject is taken out before it
   * is blurred, so that no colour of it runs outwards.
   *
   * @param blur radius, percent of the frame's shorter side
   * @param colour how much of its colour it keeps, percent; 0 = black and white
   * @param brightness -100..100
   */
  record Photograph(double blur, double colour, double brightness) implements Fill {
    public Photograph {
      Limits.require("blur", blur, 0, 30);
      Limits.percent("colour", colour);
      Limits.require("brightness", brightness, -100, 100);
    }
  }

  /**
   * {@code transparent} or {@code #RRGGBB}.
   *
   * @throws IllegalArgumentException with a sentence for anything else
   */
  static Fill parse(String text) {
    if (text.equals("transparent")) {
      return new Clear();
    }
    if (text.matches("#[0-9a-fA-F]{6}")) {
      return new Solid(Colour.parse(text));
    }
    throw new IllegalArgumentException(
        "“" + text + "” is not a backdrop; use transparent or a colour such as #E9E0CE");
  }

  /** The text that {@link #parse} takes for those two; for the others a word. */
  default String text() {
    if (this instanceof Clear) {
      return "transparent";
    }
    if (this instanceof Solid solid) {
      return solid.colour().text();
    }
    return getClass().getSimpleName().toLowerCase(java.util.Locale.ROOT);
  }
}

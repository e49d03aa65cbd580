package org.ablebatch.core.look;

import java.util.List;

/**
 * A text in a box, filled for every picture.
 *
 * @param words what it says, in order
 * @param family one of the shipped families, by {@link TypeFamily#id()}
 * @param size height of the letters; it shrinks as far as {@code least} to stay in the box
 * @param least the smallest size
 * @param lineHeight percent of the size
 * @param spacing between letters, percent of the size
 * @param opacity percent
 * @param plate what lies behind the text; null = nothing
 */
public record Lettering(
    List<Word> words,
    Box box,
    TypeFamily family,
    boolean bold,
    double size,
    double least,
    Colour colour,
    Across across,
    Down down,
    double lineHeight,
    double spacing,
    double opacity,
    boolean shadow,
    Plate plate)
    implements Setting {
  private static final int MOST_WORDS = 20;

  /** Where lines lie in their box. */
  public enum Across {
    LEFT,
    CENTRE,
    RIGHT
  }

  /** Where the whole lies in its box. */
  public enum Down {
    TOP,
    MIDDLE,
    BOTTOM
  }

  /**
   * An area behind a text, around its lines.
   *
   * @param padding around the lines
   * @param round radius of its corners
   * @param opacity percent
   */
  public record Plate(Colour colour, double padding, double round, double opacity) {
    public Plate {
      Limits.given("colour", colour);
      Limits.require("padding", padding, 0, 20);
      Limits.require("round", round, 0, 50);
      Limits.percent("opacity", opacity);
    }
  }

  public Lettering {
    words = Limits.all("words", words);
    if (words.size() > MOST_WORDS) {
      throw new InvalidLook("words", "a text has at most " + MOST_WORDS + " pieces");
    }
    Limits.given("box", box);
    Limits.given("family", family);
    Limits.require("size", size, 0.5, 60);
    Limits.require("least", least, 0.2, 60);
    if (least > size) {
      throw new InvalidLook("least", "the least size is larger than the size");
    }
    Limits.given("colour", colour);
    Limits.given("across", across);
    Limits.given("down", down);
    Limits.require("lineHeight", lineHeight, 70, 300);
    Limits.require("spacing", spacing, -20, 100);
    Limits.percent("opacity", opacity);
  }

  public Lettering withBox(Box newBox) {
    return new Lettering(
        words,
        newBox,
        family,
        bold,
        size,
        least,
        colour,
        across,
        down,
        lineHeight,
        spacing,
        opacity,
        shadow,
        plate);
  }

  public Lettering withAcross(Across newAcross) {
    return new Lettering(
        words,
        box,
        family,
        bold,
        size,
        least,
        colour,
        newAcross,
        down,
        lineHeight,
        spacing,
        opacity,
        shadow,
        plate);
  }

  public Lettering withColour(Colour newColour) {
    return new Lettering(
        words,
        box,
        family,
        bold,
        size,
        least,
        newColour,
        across,
        down,
        lineHeight,
        spacing,
        opacity,
        shadow,
        plate);
  }

  public Lettering withPlate(Plate newPlate) {
    return new Lettering(
        words,
        box,
        family,
        bold,
        size,
        least,
        colour,
        across,
        down,
        lineHeight,
        spacing,
        opacity,
        shadow,
        newPlate);
  }

  public Lettering withLeast(double newLeast) {
    return new Lettering(
        words,
        box,
        family,
        bold,
        size,
        newLeast,
        colour,
        across,
        down,
        lineHeight,
        spacing,
        opacity,
        shadow,
        plate);
  }
}

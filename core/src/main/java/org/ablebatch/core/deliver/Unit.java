package org.ablebatch.core.deliver;

/** Units of printed sizes. */
public enum Unit {
  MILLIMETRE("mm", 1),
  INCH("inches", Unit.MM_PER_INCH);

  static final double MM_PER_INCH = 25.4;

  private final String words;
  private final double mm;

  Unit(String words, double mm) {
    this.words = words;
    this.mm = mm;
  }

  String words() {
    return words;
  }

  public double millimetres(double length) {
    return length * mm;
  }
}

package org.ablebatch.core.look;

/** The families of letters that ship with the program, all under the SIL Open Font License. */
public enum TypeFamily {
  ATKINSON("Atkinson Hyperlegible Next"),
  NOTO_SANS("Noto Sans"),
  ARCHIVO_NARROW("Archivo Narrow"),
  OSWALD("Oswald"),
  BITTER("Bitter"),
  LORA("Lora"),
  SOURCE_SERIF("Source Serif 4"),
  CAVEAT("Caveat");

  private final String title;

  TypeFamily(String title) {
    this.title = title;
  }

  /** How the family calls itself. */
  public String title() {
    return title;
  }
}

package org.ablebatch.core.deliver;

/** File formats that a spec may ask for. */
public enum OutputFormat {
  PNG("png", true),
  JPEG("jpg", false),
  WEBP("webp", true),
  AVIF("avif", true),
  TIFF("tif", true),
  GIF("gif", true),
  PDF("pdf", false),
  /** Layers. */
  ORA("ora", true),
  /** The subject's coverage in grey. */
  MATTE("png", true),
  /** A blade's line. */
  CUT_LINE("svg", true);

  private final String extension;
  private final boolean keepsTransparency;

  OutputFormat(String extension, boolean keepsTransparency) {
    this.extension = extension;
    this.keepsTransparency = keepsTransparency;
  }

  /** Without the dot. */
  public String extension() {
    return extension;
  }

  public boolean keepsTransparency() {
    return keepsTransparency;
  }
}

package org.ablebatch.core.deliver;

/** File formats that a spec may ask for. */
public enum OutputFormat {
  PNG("png", "image/png", true),
  JPEG("jpg", "image/jpeg", false),
  WEBP("webp", "image/webp", true),
  AVIF("avif", "image/avif", true),
  TIFF("tif", "image/tiff", true),
  GIF("gif", "image/gif", true),
  PDF("pdf", "application/pdf", false),
  /** Layers. */
  ORA("ora", "image/openraster", true),
  /** The subject's coverage in grey. */
  MATTE("png", "image/png", true),
  /** A blade's line. */
  CUT_LINE("svg", "image/svg+xml", true);

  private final String extension;
  private final String mediaType;
  private final boolean keepsTransparency;

  OutputFormat(String extension, String mediaType, boolean keepsTransparency) {
    this.extension = extension;
    this.mediaType = mediaType;
    this.keepsTransparency = keepsTransparency;
  }

  /** Without the dot. */
  public String extension() {
    return extension;
  }

  /** As the files are announced (RFC 6838). */
  public String mediaType() {
    return mediaType;
  }

  public boolean keepsTransparency() {
    return keepsTransparency;
  }
}

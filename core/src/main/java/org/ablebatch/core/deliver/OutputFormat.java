package org.ablebatch.core.deliver;

/** File formats that a spec may ask for. */
public enum OutputFormat {
  PNG("png", true, false),
  JPEG("jpg", false, true),
  WEBP("webp", true, true);

  private final String extension;
  private final boolean keepsTransparency;
  private final boolean hasQuality;

  OutputFormat(String extension, boolean keepsTransparency, boolean hasQuality) {
    this.extension = extension;
    this.keepsTransparency = keepsTransparency;
    this.hasQuality = hasQuality;
  }

  /** Without the dot. */
  public String extension() {
    return extension;
  }

  public boolean keepsTransparency() {
    return keepsTransparency;
  }

  public boolean hasQuality() {
    return hasQuality;
  }
}

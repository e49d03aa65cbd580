package org.ablebatch.codec.read;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Metadata;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.GpsDirectory;
import com.drew.metadata.icc.IccDirectory;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Locale;

/**
 * What a file says about itself beside its pixels.
 *
 * @param orientation EXIF orientation (CIPA DC-008, tag 0x0112): 1 = upright, 2 to 8 = flips, turns
 * @param profile name of the embedded colour profile (ICC, tag {@code desc}); null = none
 * @param hasPlace true when it says where it was taken; such a thing is never carried to deliveries
 */
record FileFacts(int orientation, String profile, boolean hasPlace) {
  private static final FileFacts NONE = new FileFacts(Orientation.UPRIGHT, null, false);
  private static final int LONGEST_PROFILE_NAME = 100;

  /** Every program converts other profiles a little differently. */
  boolean isPlainSrgb() {
    return profile == null || profile.toLowerCase(Locale.ROOT).contains("srgb");
  }

  /** The same of pixels that stand upright already, with the profile by this name. */
  FileFacts upright(String profileName) {
    return new FileFacts(Orientation.UPRIGHT, profileName, hasPlace);
  }

  /** Broken metadata does not make the pixels worse; the decoder judges the file. */
  static FileFacts of(byte[] bytes) {
    try {
      Metadata metadata = ImageMetadataReader.readMetadata(new ByteArrayInputStream(bytes));
      return new FileFacts(orientation(metadata), profile(metadata), hasPlace(metadata));
    } catch (ImageProcessingException | IOException | RuntimeException e) {
      return NONE;
    }
  }

  private static int orientation(Metadata metadata) {
    ExifIFD0Directory exif = metadata.getFirstDirectoryOfType(ExifIFD0Directory.class);
    if (exif == null || !exif.containsTag(ExifIFD0Directory.TAG_ORIENTATION)) {
      return Orientation.UPRIGHT;
    }
    try {
      int value = exif.getInt(ExifIFD0Directory.TAG_ORIENTATION);
      return value >= 1 && value <= 8 ? value : Orientation.UPRIGHT;
    } catch (MetadataException e) {
      return Orientation.UPRIGHT;
    }
  }

  private static String profile(Metadata metadata) {
    IccDirectory icc = metadata.getFirstDirectoryOfType(IccDirectory.class);
    if (icc == null) {
      return null;
    }
    String name = icc.getDescription(IccDirectory.TAG_TAG_desc);
    if (name == null || name.isBlank()) {
      return "unnamed profile";
    }
    String plain = name.replaceAll("\\p{Cntrl}", "").strip();
    return plain.substring(0, Math.min(LONGEST_PROFILE_NAME, plain.length()));
  }

  private static boolean hasPlace(Metadata metadata) {
    return metadata.getDirectoriesOfType(GpsDirectory.class).stream()
        .anyMatch(gps -> gps.getTagCount() > 0);
  }
}

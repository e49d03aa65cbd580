package org.ablebatch.codec.read;

import org.ablebatch.codec.heif.HeifFacts;
import org.ablebatch.codec.heif.HeifTool;
import org.ablebatch.codec.read.UnreadablePicture.Reason;

/** The main picture of a HEIC or AVIF file as a PNG, or why there is none. */
final class HeifReading {
  private final HeifTool tool = new HeifTool();

  /**
   * @throws UnreadablePicture with a sentence that does not name the file
   */
  byte[] toPng(byte[] bytes, HeifFacts facts, FileKind kind) throws UnreadablePicture {
    HeifTool.Outcome outcome = tool.convert(bytes, facts);
    if (outcome instanceof HeifTool.Outcome.Converted converted) {
      return converted.png();
    }
    if (outcome instanceof HeifTool.Outcome.NotInstalled) {
      throw new UnreadablePicture(
          Reason.NO_READER,
          "%s pictures need Debian’s package %s, which is not on this machine. Have it installed, then send this file again"
              .formatted(kind.label(), HeifTool.PACKAGE));
    }
    if (outcome instanceof HeifTool.Outcome.TooSlow) {
      throw new UnreadablePicture(
          Reason.DAMAGED,
          "The %s file took too long to decode and was given up; it is damaged"
              .formatted(kind.label()));
    }
    throw FileDecoder.damaged(kind);
  }
}

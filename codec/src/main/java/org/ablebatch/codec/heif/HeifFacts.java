package org.ablebatch.codec.heif;

import java.nio.BufferUnderflowException;
import java.nio.ByteBuffer;
import java.util.List;
import java.util.Optional;

/**
 * What a HEIF file says of its pictures (ISO/IEC 23008-12), read without decoding anything.
 *
 * @param widest the largest width that any picture or tile in it claims, pixels
 * @param highest the largest height
 * @param bits of each colour of the main picture
 * @param nclx its colours where they are given by code points; sRGB's where nothing is said or a
 *     profile is embedded
 * @param turned true when it is stored lying or mirrored
 * @param pictures how many there are to be seen, thumbnails and helpers not counted; at least 1
 * @param main which of them is the main one, from 0, in the order of their numbers
 * @param moving true when it also holds a sequence
 */
public record HeifFacts(
    int widest,
    int highest,
    int bits,
    Nclx nclx,
    boolean turned,
    int pictures,
    int main,
    boolean moving) {

  /**
   * @return empty when the boxes contradict each other or end too early
   */
  public static Optional<HeifFacts> of(byte[] bytes) {
    try {
      List<Box> top = Box.in(ByteBuffer.wrap(bytes));
      Box meta = Box.first(top, "meta").orElse(null);
      if (meta == null) {
        return Optional.empty();
      }
      meta.fullHeader();
      return new MetaBox(meta.children()).facts(Box.first(top, "moov").isPresent());
    } catch (BufferUnderflowException | IndexOutOfBoundsException e) {
      return Optional.empty();
    }
  }
}

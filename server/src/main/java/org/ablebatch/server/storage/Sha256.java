package org.ablebatch.server.storage;

import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** SHA-256 in small hexadecimal letters. */
public final class Sha256 {
  private Sha256() {}

  public static String of(byte[] bytes) {
    return HexFormat.of().formatHex(digest().digest(bytes));
  }

  /**
   * Of what a digest was fed with and of what follows.
   *
   * @param begun stays as it is
   */
  public static String of(MessageDigest begun, byte[] rest) {
    try {
      MessageDigest digest = (MessageDigest) begun.clone();
      return HexFormat.of().formatHex(digest.digest(rest));
    } catch (CloneNotSupportedException e) {
      throw new IllegalStateException("every Java copies its SHA-256", e);
    }
  }

  /** A digest to be fed piece by piece. */
  public static MessageDigest digest() {
    try {
      return MessageDigest.getInstance("SHA-256");
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("every Java has SHA-256", e);
    }
  }
}

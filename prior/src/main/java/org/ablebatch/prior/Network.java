package org.ablebatch.prior;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** The files of the networks that ship in this module. */
final class Network {
  private Network() {}

  static byte[] whole(String name) {
    try (InputStream in = Network.class.getResourceAsStream(name)) {
      if (in == null) {
        throw new IllegalStateException(name + " is missing from the module");
      }
      return in.readAllBytes();
    } catch (IOException e) {
      throw new IllegalStateException(name + " can’t be read", e);
    }
  }

  /**
   * A network that is too large for one file of the repository.
   *
   * @param parts its files are named {@code name.0}, {@code name.1} and so on
   * @param sha256 of the whole, in hexadecimal digits
   * @throws IllegalStateException when a part is missing or the whole is another than was meant
   */
  static byte[] inParts(String name, int parts, String sha256) {
    ByteArrayOutputStream joined = new ByteArrayOutputStream();
    for (int part = 0; part < parts; part++) {
      joined.writeBytes(whole(name + "." + part));
    }
    byte[] network = joined.toByteArray();
    if (!sha256(network).equals(sha256)) {
      throw new IllegalStateException(name + " is not what was meant to ship: its sum differs");
    }
    return network;
  }

  private static String sha256(byte[] bytes) {
    try {
      return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("every Java has SHA-256", e);
    }
  }
}

package org.ablebatch.codec.write;

/** Text without the characters that XML 1.0 does not know. */
final class XmlWords {
  private static final int LAST_BEFORE_SURROGATES = 0xD7FF;
  private static final int FIRST_AFTER_SURROGATES = 0xE000;
  private static final int LAST_OF_PLANE = 0xFFFD;

  private XmlWords() {}

  static String of(String text) {
    return text.codePoints()
        .filter(XmlWords::isKnown)
        .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
        .toString();
  }

  private static boolean isKnown(int c) {
    return c == '\t'
        || c == '\n'
        || c == '\r'
        || c >= ' ' && c <= LAST_BEFORE_SURROGATES
        || c >= FIRST_AFTER_SURROGATES && c <= LAST_OF_PLANE
        || c >= Character.MIN_SUPPLEMENTARY_CODE_POINT;
  }
}

package org.ablebatch.core.look;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Letters and numbers of path data, one after the other. */
final class PathTokens {
  private static final Pattern NUMBER =
      Pattern.compile("[+-]?(?:\\d+(?:\\.\\d*)?|\\.\\d+)(?:[eE][+-]?\\d{1,3})?");
  private static final String COMMANDS = "MmLlHhVvCcSsQqTtAaZz";

  private final String text;
  private int at;

  PathTokens(String text) {
    this.text = text;
  }

  static InvalidLook wrong(String sentence) {
    return new InvalidLook("path", "is no path data: it " + sentence);
  }

  boolean hasMore() {
    skip();
    return at < text.length();
  }

  /** The next letter; 0 when a number comes. */
  char command() {
    skip();
    char c = text.charAt(at);
    if (!Character.isLetter(c)) {
      return 0;
    }
    if (COMMANDS.indexOf(c) < 0) {
      throw wrong("has “" + c + "” where a letter such as M, L or C may stand");
    }
    at++;
    return c;
  }

  double number() {
    skip();
    Matcher matcher = NUMBER.matcher(text).region(at, text.length());
    if (!matcher.lookingAt()) {
      throw wrong("lacks a number at its letter " + (at + 1));
    }
    at = matcher.end();
    return Double.parseDouble(matcher.group());
  }

  /** A lone 0 or 1, which needs no space behind it. */
  boolean flag() {
    skip();
    if (at >= text.length() || text.charAt(at) != '0' && text.charAt(at) != '1') {
      throw wrong("lacks a 0 or 1 at its letter " + (at + 1));
    }
    return text.charAt(at++) == '1';
  }

  private void skip() {
    while (at < text.length()
        && (Character.isWhitespace(text.charAt(at)) || text.charAt(at) == ',')) {
      at++;
    }
  }
}

package org.ablebatch.server.checking;

import org.ablebatch.server.picture.Remark;

/**
 * @param verdict pass, touch-up or reject
 * @param revision the picture's revision that was looked at; may be left out
 * @param remark for whoever comes next; may be left out
 * @param lookedMillis how long somebody looked; may be left out
 */
public record VerdictRequest(String verdict, Long revision, Remark remark, Long lookedMillis) {
  /** A verdict without anything else. */
  public static VerdictRequest of(String verdict) {
    return new VerdictRequest(verdict, null, null, null);
  }
}

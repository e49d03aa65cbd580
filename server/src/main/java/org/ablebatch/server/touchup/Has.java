package org.ablebatch.server.touchup;

/**
 * What whoever asks for a list of edits has already.
 *
 * @param since the state whose pixels it has; null = none. The answer says where they differ now
 * @param known the highest number of an edit that it has; null = none. Of edits up to here that
 *     never changed the answer leaves out what they are, which with hundreds of strokes is nearly
 *     all of it
 */
record Has(String since, Long known) {
  static final Has NOTHING = new Has(null, null);

  boolean knows(EditRow row) {
    return known != null && row.id() <= known && row.revision() == 0;
  }
}

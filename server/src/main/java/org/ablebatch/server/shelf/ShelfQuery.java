package org.ablebatch.server.shelf;

import java.time.Instant;

/**
 * What is looked for; everything that is null or empty narrows nothing.
 *
 * @param words beginnings of words that all have to be there, in any order
 * @param since delivered at this time or later
 * @param until delivered before this time
 * @param deliveryId what this delivery held, also where something newer has replaced it since
 * @param earlier also what was replaced by something newer
 */
record ShelfQuery(
    String words,
    Long batch,
    String spec,
    String look,
    String group,
    String format,
    Instant since,
    Instant until,
    Long deliveryId,
    boolean earlier) {}

/**
 * Codes and groups of a batch's pictures, from their names or from a list. What a pattern means,
 * core knows. Start from {@link org.ablebatch.server.sets.SetsService}.
 */
package org.ablebatch.server.sets;

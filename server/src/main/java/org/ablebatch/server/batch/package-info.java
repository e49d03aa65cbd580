/**
 * Batches with their tickets. Pictures are the next room. Start from {@link
 * org.ablebatch.server.batch.BatchService}.
 */
package org.ablebatch.server.batch;

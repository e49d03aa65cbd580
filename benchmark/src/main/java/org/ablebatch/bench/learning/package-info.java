/** What the engine's learned parts learn from. The learning itself is in {@code prior/train}. */
package org.ablebatch.bench.learning;

/** The accuracy table. Start from {@link org.ablebatch.bench.accuracy.AccuracyCommand}. */
package org.ablebatch.bench.accuracy;

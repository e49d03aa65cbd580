/**
 * Measuring the engine: accuracy against exact mattes and a public baseline, and speed. Ships with
 * nothing. Start from {@link org.ablebatch.bench.Bench}.
 */
package org.ablebatch.bench;

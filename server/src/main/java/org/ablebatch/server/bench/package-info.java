/**
 * Pictures that are being mended, held in memory so that every edit shows at once. Nothing here is
 * the only copy: a bench is laid again from the database and the store at any time. Start from
 * {@link org.ablebatch.server.bench.Bench}.
 */
package org.ablebatch.server.bench;

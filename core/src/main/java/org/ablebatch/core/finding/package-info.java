/**
 * Suspected faults of a cutout, each with its place. Start from {@link
 * org.ablebatch.core.finding.Inspector}.
 */
package org.ablebatch.core.finding;

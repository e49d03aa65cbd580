/**
 * The two sides of a cutout as the photograph shows them: what is behind the subject, and which
 * side a pixel looks like. Start from {@link org.ablebatch.core.sides.Sides}.
 */
package org.ablebatch.core.sides;

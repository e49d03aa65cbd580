/**
 * The way of a brush, and how strongly it acts on every pixel. What a stroke does is said in {@code
 * mend}. Start from {@link org.ablebatch.core.stroke.StrokeMask}.
 */
package org.ablebatch.core.stroke;

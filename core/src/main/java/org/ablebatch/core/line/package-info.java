/**
 * Where a picture stands on the line of six stations, with the moves it may make. Start from {@link
 * org.ablebatch.core.line.PictureState}.
 */
package org.ablebatch.core.line;

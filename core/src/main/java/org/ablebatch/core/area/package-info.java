/**
 * Parts of a picture that somebody drew: shapes put together, and lines that follow an edge. Start
 * from {@link org.ablebatch.core.area.Area}.
 */
package org.ablebatch.core.area;

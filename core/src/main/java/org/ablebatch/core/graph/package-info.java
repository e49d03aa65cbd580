/**
 * Minimum cuts on pixel grids. Knows nothing of pictures. Start from {@link
 * org.ablebatch.core.graph.GridCut}.
 */
package org.ablebatch.core.graph;

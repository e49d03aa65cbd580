package org.ablebatch.server.picture;

import org.ablebatch.core.raster.Rect;

/**
 * A cutout that the store holds.
 *
 * @param matteBlob grey PNG, full size
 * @param edgeBlob PNG with the colours that differ from the original, clear elsewhere
 * @param thumbnailBlob small transparent PNG
 * @param previewBlob screen-sized transparent PNG
 * @param content the subject's measured box
 * @param tellTale the flat colour on which leftovers show most, 0xRRGGBB
 */
public record SavedCutout(
    String matteBlob,
    String edgeBlob,
    String thumbnailBlob,
    String previewBlob,
    Rect content,
    int tellTale) {}

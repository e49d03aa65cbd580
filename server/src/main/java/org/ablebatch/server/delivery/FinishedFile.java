package org.ablebatch.server.delivery;

import java.time.Instant;
import org.ablebatch.codec.spec.SpecEntry;

/**
 * A file that was delivered, with what made it.
 *
 * @param versionId null = the picture was left whole
 * @param blobId SHA-256 of its bytes
 * @param quality that it was written with; null = its format has none
 * @param likeness to the picture before it was compressed; null = not measured
 * @param change beside the delivery before: new, changed or same
 * @param at when its delivery was done
 */
public record FinishedFile(
    long fileId,
    long deliveryId,
    long batchId,
    long photoId,
    Long versionId,
    SpecEntry spec,
    String look,
    int lookNumber,
    String name,
    int width,
    int height,
    long bytes,
    String blobId,
    Integer quality,
    Double likeness,
    String change,
    Instant at) {}

package org.ablebatch.server.picture;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;

/**
 * What intake saw of a photograph.
 *
 * @param profile name of the embedded colour profile; null = none
 * @param bits of each colour
 * @param hasPlace true when the file says where it was taken
 * @param transparent true when it has transparency already
 * @param picturesInFile of which this is the first, or the main one
 * @param sharpness 0 = blurred, 1 = sharp
 * @param sceneFacts what its scene is like, as text; null for pictures of earlier times
 */
@Embeddable
record IntakeFacts(
    String profile,
    int bits,
    boolean hasPlace,
    boolean transparent,
    int picturesInFile,
    double sharpness,
    @Column(name = "scene_facts") String sceneFacts) {}

package org.ablebatch.server.batch;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;

/**
 * Where the photograph of the empty set is kept.
 *
 * @param width upright, pixels
 * @param height upright, pixels
 */
@Embeddable
record EmptySetFile(
    @Column(name = "empty_set_name") String name,
    @Column(name = "empty_set_blob", columnDefinition = "CHAR(64)") String blob,
    @Column(name = "empty_set_preview_blob", columnDefinition = "CHAR(64)") String previewBlob,
    @Column(name = "empty_set_width") Integer width,
    @Column(name = "empty_set_height") Integer height) {}

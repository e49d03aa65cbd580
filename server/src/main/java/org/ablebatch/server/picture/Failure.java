package org.ablebatch.server.picture;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import org.ablebatch.core.line.FailureKind;

/**
 * Why a picture could not be cut.
 *
 * @param sentence for a person
 */
@Embeddable
public record Failure(
    @Enumerated(EnumType.STRING) @Column(name = "failure_kind", columnDefinition = "VARCHAR(24)")
        FailureKind kind,
    @Column(name = "problem") String sentence) {}

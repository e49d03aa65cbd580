package org.ablebatch.server.batch;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;
import tools.jackson.databind.JsonNode;

/**
 * A batch's look as it was changed.
 *
 * @param versionId the version that was changed
 * @param revision of the look as it was read
 * @param parts as in a look file
 */
@Schema(name = "LookSave")
record LookSave(
    String name,
    long versionId,
    long revision,
    @NotNull @Schema(type = "array", implementation = Object.class) JsonNode parts) {}

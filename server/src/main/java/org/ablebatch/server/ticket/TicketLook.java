package org.ablebatch.server.ticket;

import com.fasterxml.jackson.annotation.JsonInclude;
import io.swagger.v3.oas.annotations.media.Schema;
import tools.jackson.databind.JsonNode;

/**
 * A look on a ticket: a backdrop and a margin, or a whole look with its name.
 *
 * @param backdrop {@code transparent} or {@code #RRGGBB}; null for a whole look
 * @param marginPercent 0..45; null for a whole look
 * @param name of a whole look
 * @param parts of a whole look, as in a look file
 */
@Schema(name = "TicketLook")
@JsonInclude(JsonInclude.Include.NON_NULL)
record TicketLook(
    String backdrop,
    Double marginPercent,
    String name,
    @Schema(type = "array", implementation = Object.class) JsonNode parts) {}

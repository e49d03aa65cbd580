package org.ablebatch.server.batch;

import jakarta.validation.constraints.Size;
import java.util.Map;

/** Changes to a ticket; what is null stays as it is. */
public record TicketRequest(
    @Size(min = 1, max = 120) String name,
    String method,
    LookRequest look,
    Map<String, String> methodRules,
    Boolean sharpenEnlarged,
    Boolean takeSafeMends,
    @Size(max = 2000) String notes) {}

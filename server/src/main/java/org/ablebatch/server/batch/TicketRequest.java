package org.ablebatch.server.batch;

import jakarta.validation.constraints.Size;

/** Changes to a ticket; what is null stays as it is. */
record TicketRequest(
    @Size(min = 1, max = 120) String name, String method, BatchView.LookView look) {}

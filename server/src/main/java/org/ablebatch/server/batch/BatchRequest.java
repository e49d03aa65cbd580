package org.ablebatch.server.batch;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;

/**
 * A new batch.
 *
 * @param method null = auto
 */
record BatchRequest(@NotBlank @Size(max = 120) String name, String method) {}

package org.ablebatch.server.dressing;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** What single pictures do otherwise than their look. */
@RestController
@RequestMapping("/api/v1/pictures/{id}/look-changes")
class LookChangesController {
  private final LookChanges changes;

  LookChangesController(LookChanges changes) {
    this.changes = changes;
  }

  /**
   * Parts that replace those of the look with the same ids.
   *
   * @param parts as in a look file; empty = the look as it is
   */
  @Schema(name = "LookChanges")
  record Changes(@NotNull @Schema(type = "array", implementation = Object.class) JsonNode parts) {}

  /**
   * @param pictures how many got them
   */
  @Schema(name = "LookChangesCopied")
  record Copied(int pictures) {}

  @GetMapping
  Changes get(@PathVariable long id) {
    return new Changes(changes.of(id));
  }

  @PutMapping
  Changes set(@PathVariable long id, @Valid @RequestBody Changes body) {
    changes.set(id, body.parts().toString());
    return new Changes(changes.of(id));
  }

  /** Every picture of the group gets the same changes. */
  @PostMapping("/to-group")
  Copied toGroup(@PathVariable long id) {
    return new Copied(changes.copyToGroup(id));
  }
}

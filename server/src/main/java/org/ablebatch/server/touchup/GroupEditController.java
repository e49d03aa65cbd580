package org.ablebatch.server.touchup;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.ablebatch.server.cutting.CutWorkers;
import org.ablebatch.server.editing.EditData;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Settings of one picture's outline for the rest of its group, and back. */
@RestController
@RequestMapping("/api/v1/pictures/{id}/group-edits")
class GroupEditController {
  private final GroupEdits group;
  private final CutWorkers workers;

  GroupEditController(GroupEdits group, CutWorkers workers) {
    this.group = group;
    this.workers = workers;
  }

  record GroupEdit(@NotNull @Size(min = 8, max = 36) String clientKey, @NotNull EditData edit) {}

  @PostMapping
  GroupEdits.Reach spread(@PathVariable long id, @Valid @RequestBody GroupEdit edit) {
    GroupEdits.Reach reach = group.spread(id, edit.clientKey(), edit.edit());
    workers.ring();
    return reach;
  }

  @DeleteMapping("/{clientKey}")
  GroupEdits.Reach takeBack(@PathVariable long id, @PathVariable String clientKey) {
    GroupEdits.Reach reach = group.takeBack(id, clientKey);
    workers.ring();
    return reach;
  }
}

package org.ablebatch.server.touchup;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.ablebatch.server.picture.PictureView;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/v1/pictures/{id}")
class TouchUpController {
  private final TouchUpService touchUp;

  TouchUpController(TouchUpService touchUp) {
    this.touchUp = touchUp;
  }

  record NewEdit(@NotNull @Size(min = 8, max = 36) String clientKey, @NotNull BrushData brush) {}

  record EditSwitch(boolean enabled) {}

  @GetMapping("/edits")
  EditList list(@PathVariable long id) {
    return touchUp.list(id);
  }

  @PostMapping("/edits")
  @ResponseStatus(HttpStatus.CREATED)
  EditList add(@PathVariable long id, @Valid @RequestBody NewEdit edit) {
    return touchUp.add(id, edit.clientKey(), edit.brush());
  }

  @PostMapping("/edits/undo")
  EditList undo(@PathVariable long id) {
    return touchUp.undo(id);
  }

  @PostMapping("/edits/redo")
  EditList redo(@PathVariable long id) {
    return touchUp.redo(id);
  }

  @PatchMapping("/edits/{editId}")
  EditList setEnabled(
      @PathVariable long id, @PathVariable long editId, @RequestBody EditSwitch change) {
    return touchUp.setEnabled(id, editId, change.enabled());
  }

  @DeleteMapping("/edits")
  EditList backToAutomatic(@PathVariable long id) {
    return touchUp.backToAutomatic(id);
  }

  @PostMapping("/touch-up/done")
  PictureView done(@PathVariable long id) {
    return touchUp.done(id);
  }
}

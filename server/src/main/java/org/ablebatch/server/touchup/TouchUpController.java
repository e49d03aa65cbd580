package org.ablebatch.server.touchup;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.ablebatch.server.cutting.CutWorkers;
import org.ablebatch.server.editing.EditData;
import org.ablebatch.server.editing.EditReading;
import org.ablebatch.server.picture.PictureView;
import org.ablebatch.server.problem.BadInput;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/**
 * The list of edits of a picture. Every answer is the whole list, but for what the asker says that
 * it has already.
 */
@RestController
@RequestMapping("/api/v1/pictures/{id}")
class TouchUpController {
  private final TouchUpService touchUp;
  private final EditBook book;
  private final CutWorkers workers;

  TouchUpController(TouchUpService touchUp, EditBook book, CutWorkers workers) {
    this.touchUp = touchUp;
    this.book = book;
    this.workers = workers;
  }

  /**
   * @param baseVersionId over which cutout it was made; null = the current one
   */
  record NewEdit(
      @NotNull @Size(min = 8, max = 36) String clientKey,
      @NotNull EditData edit,
      Long baseVersionId) {}

  /**
   * What changes of an edit; what is null stays.
   *
   * @param place from 0, the first that is carried out
   */
  record EditChange(Boolean enabled, Integer place, EditData edit) {}

  /**
   * @param versionId a cutout that the picture had before
   */
  record Base(Long versionId) {}

  @GetMapping("/edits")
  EditList list(@PathVariable long id, @ParameterObject Has has) {
    return touchUp.list(id, has);
  }

  @PostMapping("/edits")
  @ResponseStatus(HttpStatus.CREATED)
  EditList add(@PathVariable long id, @ParameterObject Has has, @Valid @RequestBody NewEdit edit) {
    return touchUp.add(id, edit.baseVersionId(), edit.clientKey(), edit.edit(), has);
  }

  @PostMapping("/edits/undo")
  EditList undo(@PathVariable long id, @ParameterObject Has has) {
    book.undo(id);
    return touchUp.list(id, has);
  }

  @PostMapping("/edits/redo")
  EditList redo(@PathVariable long id, @ParameterObject Has has) {
    book.redo(id);
    return touchUp.list(id, has);
  }

  @PatchMapping("/edits/{editId}")
  EditList change(
      @PathVariable long id,
      @PathVariable long editId,
      @ParameterObject Has has,
      @RequestBody EditChange change) {
    if (change.edit() != null) {
      EditReading.edit(change.edit());
      book.change(id, editId, touchUp.reaching(id, editId, change.edit()));
    }
    if (change.place() != null) {
      book.move(id, editId, change.place());
    }
    if (change.enabled() != null) {
      book.setEnabled(id, editId, change.enabled());
    }
    return touchUp.list(id, has);
  }

  @DeleteMapping("/edits/{editId}")
  EditList delete(@PathVariable long id, @PathVariable long editId, @ParameterObject Has has) {
    book.delete(id, editId);
    return touchUp.list(id, has);
  }

  @DeleteMapping("/edits")
  EditList backToAutomatic(@PathVariable long id, @ParameterObject Has has) {
    book.backToAutomatic(id);
    return touchUp.list(id, has);
  }

  /** Goes on from a cutout that the picture had before it was cut again, with the edits over it. */
  @PostMapping("/edits/base")
  EditList goOnFrom(@PathVariable long id, @RequestBody Base base) {
    if (base.versionId() == null) {
      throw BadInput.expected("versionId", "the number of a cutout", null);
    }
    book.goOnFrom(id, base.versionId());
    return touchUp.list(id, Has.NOTHING);
  }

  /**
   * Sends the picture back to Check.
   *
   * @param wait false = a worker draws the result in a moment; until then the picture is marked as
   *     being redrawn and takes no verdict
   */
  @PostMapping("/touch-up/done")
  PictureView done(@PathVariable long id, @RequestParam(defaultValue = "true") boolean wait) {
    PictureView done = touchUp.done(id, wait);
    workers.ring();
    return done;
  }

  @ExceptionHandler
  ProblemDetail cutMeanwhile(CutMeanwhile e) {
    ProblemDetail problem = ProblemDetail.forStatusAndDetail(HttpStatus.CONFLICT, e.getMessage());
    problem.setProperty("kind", "cut-meanwhile");
    return problem;
  }
}

package org.ablebatch.server.dressing;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.ablebatch.core.deliver.Spec;
import org.ablebatch.core.dress.Frame;
import org.ablebatch.core.dress.LookNote;
import org.ablebatch.server.problem.BadInput;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

@RestController
class LookProblemsController {
  private final LookProblems problems;
  private final LookChanges changes;

  LookProblemsController(LookProblems problems, LookChanges changes) {
    this.problems = problems;
    this.changes = changes;
  }

  /** What the batch's look hurts in a frame of that size; ask again until all is looked over. */
  @GetMapping("/api/v1/batches/{id}/look-problems")
  LookProblemsView of(@PathVariable long id, @RequestParam int width, @RequestParam int height) {
    requireSide("width", width);
    requireSide("height", height);
    return problems.of(id, new Frame(width, height));
  }

  /**
   * What is to be mended.
   *
   * @param kind as among the counts of the problems
   */
  @Schema(name = "LookMendingRequest")
  record Mending(@NotNull String kind, int width, int height) {}

  /**
   * @param pictures that do something of their own now, as they were before
   */
  @Schema(name = "LookMending")
  record Mended(List<Before> pictures) {}

  /**
   * @param parts what the picture did otherwise than its look before
   */
  @Schema(name = "LookChangesBefore")
  record Before(
      long pictureId, @Schema(type = "array", implementation = Object.class) JsonNode parts) {}

  /**
   * Every picture that the look hurts in this way gets changes of its own, as far as any help; the
   * look stays as it is.
   */
  @PostMapping("/api/v1/batches/{id}/look-problems/mend")
  Mended mend(@PathVariable long id, @Valid @RequestBody Mending mending) {
    requireSide("width", mending.width());
    requireSide("height", mending.height());
    LookNote.Kind kind =
        Stream.of(LookNote.Kind.values())
            .filter(k -> k.wireName().equals(mending.kind()))
            .findFirst()
            .orElseThrow(() -> BadInput.expected("kind", "a kind of problem", mending.kind()));
    List<Before> before = new ArrayList<>();
    problems
        .mended(id, new Frame(mending.width(), mending.height()), kind)
        .forEach(
            (row, part) ->
                before.add(new Before(row.photo().id(), changes.add(row.photo().id(), part))));
    return new Mended(before);
  }

  private static void requireSide(String field, int px) {
    if (px < 1 || px > Spec.LARGEST_SIDE_PX) {
      throw BadInput.expected(field, "1 to " + Spec.LARGEST_SIDE_PX + " px", px);
    }
  }
}

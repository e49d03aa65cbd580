package org.ablebatch.server.dressing;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.ablebatch.core.deliver.SpecSize;
import org.ablebatch.core.dress.Frame;
import org.ablebatch.core.dress.LookNote;
import org.ablebatch.core.look.Part;
import org.ablebatch.server.picture.PhotoRow;
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
   * @param part when the same change helps all of them and harms none, nothing was changed and this
   *     is how the part should be in the look itself; else null
   */
  @Schema(name = "LookMending")
  record Mended(
      List<Before> pictures, @Schema(implementation = Object.class) JsonNode part, int helps) {}

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
    Map<PhotoRow, Part> mended =
        problems.mended(id, new Frame(mending.width(), mending.height()), kind);
    Optional<Part> same = kind == LookNote.Kind.CUT_EDGE ? sameFor(mended) : Optional.empty();
    if (same.isPresent()) {
      return new Mended(List.of(), LookChanges.json(List.of(same.get())).get(0), mended.size());
    }
    List<Before> before = new ArrayList<>();
    mended.forEach(
        (row, part) ->
            before.add(new Before(row.photo().id(), changes.add(row.photo().id(), part))));
    return new Mended(before, null, before.size());
  }

  /** What helps every one of several is better said once, in the look. */
  private static Optional<Part> sameFor(Map<PhotoRow, Part> mended) {
    Set<Part> parts = new HashSet<>(mended.values());
    return mended.size() > 1 && parts.size() == 1
        ? Optional.of(parts.iterator().next())
        : Optional.empty();
  }

  private static void requireSide(String field, int px) {
    if (px < 1 || px > SpecSize.LARGEST_SIDE_PX) {
      throw BadInput.expected(field, "1 to " + SpecSize.LARGEST_SIDE_PX + " px", px);
    }
  }
}

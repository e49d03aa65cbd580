package org.ablebatch.server.dressing;

import org.ablebatch.core.deliver.Spec;
import org.ablebatch.core.dress.Frame;
import org.ablebatch.server.problem.BadInput;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class LookProblemsController {
  private final LookProblems problems;

  LookProblemsController(LookProblems problems) {
    this.problems = problems;
  }

  /** What the batch's look hurts in a frame of that size; ask again until all is looked over. */
  @GetMapping("/api/v1/batches/{id}/look-problems")
  LookProblemsView of(@PathVariable long id, @RequestParam int width, @RequestParam int height) {
    requireSide("width", width);
    requireSide("height", height);
    return problems.of(id, new Frame(width, height));
  }

  private static void requireSide(String field, int px) {
    if (px < 1 || px > Spec.LARGEST_SIDE_PX) {
      throw BadInput.expected(field, "1 to " + Spec.LARGEST_SIDE_PX + " px", px);
    }
  }
}

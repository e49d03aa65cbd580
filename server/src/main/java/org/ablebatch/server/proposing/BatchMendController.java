package org.ablebatch.server.proposing;

import java.util.List;
import org.ablebatch.core.finding.FindingKind;
import org.ablebatch.server.cutting.CutWorkers;
import org.ablebatch.server.problem.BadInput;
import org.ablebatch.server.proposing.MendViews.AnswersView;
import org.ablebatch.server.proposing.MendViews.TakenView;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Mends for all pictures of a batch at once, and back. */
@RestController
@RequestMapping("/api/v1/batches/{id}/mends")
class BatchMendController {
  private final MendService mends;
  private final CutWorkers workers;

  BatchMendController(MendService mends, CutWorkers workers) {
    this.mends = mends;
    this.workers = workers;
  }

  /** What was answered so far, by kind of finding. */
  @GetMapping
  List<AnswersView> answers(@PathVariable long id) {
    return mends.answers(id);
  }

  /**
   * Takes the safe mends of all pictures that wait in Check; the workers draw them.
   *
   * @param kind only for findings of this kind
   */
  @PostMapping
  TakenView takeSafe(@PathVariable long id, @RequestParam(required = false) String kind) {
    TakenView taken = mends.takeSafe(id, kind == null ? null : kind(kind));
    workers.ring();
    return taken;
  }

  @DeleteMapping("/{together}")
  TakenView takeBack(@PathVariable long id, @PathVariable String together) {
    TakenView back = mends.takeBack(id, together);
    workers.ring();
    return back;
  }

  private static FindingKind kind(String name) {
    try {
      return FindingKind.ofWireName(name);
    } catch (IllegalArgumentException e) {
      throw BadInput.expected("kind", "a kind of finding, such as leftover", name);
    }
  }
}

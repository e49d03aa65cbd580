package org.ablebatch.server.cutting;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.ablebatch.core.run.RunPriority;
import org.ablebatch.server.problem.Choice;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The run in the background: how far it is, and the hands that steer it. */
@RestController
@RequestMapping("/api/v1")
class RunController {
  private final RunService runs;
  private final CutQueue queue;
  private final CutWorkers workers;
  private final WorkerCount count;

  RunController(RunService runs, CutQueue queue, CutWorkers workers, WorkerCount count) {
    this.runs = runs;
    this.queue = queue;
    this.workers = workers;
    this.count = count;
  }

  @GetMapping("/batches/{id}/run")
  RunView run(@PathVariable long id) {
    return runs.of(id);
  }

  /** What waits is held; what is being cut is finished. */
  @PostMapping("/batches/{id}/run/pause")
  RunView pause(@PathVariable long id) {
    queue.pause(id, true);
    return runs.of(id);
  }

  @PostMapping("/batches/{id}/run/resume")
  RunView resume(@PathVariable long id) {
    queue.pause(id, false);
    return runs.of(id);
  }

  /** What waits leaves the queue; what is being cut is finished. */
  @PostMapping("/batches/{id}/run/cancel")
  RunView cancel(@PathVariable long id) {
    queue.cancel(id);
    return runs.of(id);
  }

  /**
   * @param priority first, usual or last
   */
  @Schema(name = "RunPriority")
  record PriorityRequest(String priority) {}

  @PutMapping("/batches/{id}/run/priority")
  RunView priority(@PathVariable long id, @RequestBody PriorityRequest request) {
    queue.setPriority(id, wanted(request.priority()));
    return runs.of(id);
  }

  private static RunPriority wanted(String name) {
    return Choice.of("priority", List.of(RunPriority.values()), RunPriority::wireName, name);
  }

  /**
   * @param workers pictures cut at the same time
   * @param most that this machine can
   */
  @Schema(name = "Workers")
  record WorkersView(int workers, int most) {}

  /**
   * @param workers pictures cut at the same time, 1 to the most that this machine can
   */
  @Schema(name = "WantedWorkers")
  record WorkersRequest(Integer workers) {}

  @GetMapping("/workers")
  WorkersView workers() {
    return new WorkersView(count.wanted(), count.most());
  }

  /** For all batches, from now on; one that is not wanted any more finishes its picture. */
  @PutMapping("/workers")
  WorkersView setWorkers(@RequestBody WorkersRequest wanted) {
    count.set(wanted.workers() == null ? 0 : wanted.workers());
    workers.ring();
    return workers();
  }
}

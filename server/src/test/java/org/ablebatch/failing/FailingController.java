package org.ablebatch.failing;

import org.ablebatch.core.deliver.InvalidSpec;
import org.ablebatch.server.problem.NotFound;
import org.ablebatch.server.storage.StorageFailed;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** Fails on demand. Lives outside the application's packages, so that its scan does not find it. */
@RestController
public class FailingController {
  @GetMapping("/fail/{how}")
  public void fail(@PathVariable("how") String how) {
    switch (how) {
      case "gone" -> throw new NotFound("batch", 9);
      case "stale" -> throw new OptimisticLockingFailureException("row 5 of photo");
      case "spec" -> throw new InvalidSpec("width", "A width is 1 to 20000 px, not 0");
      case "full" ->
          throw new StorageFailed(
              "There is no room left on the disk.", StorageFailed.Kind.FULL, null);
      default -> throw new IllegalStateException("jdbc:mariadb://secret");
    }
  }

  @GetMapping("/number/{id}")
  public long number(@PathVariable("id") long id) {
    return id;
  }
}

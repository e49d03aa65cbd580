package org.ablebatch.core.subject;

import org.ablebatch.core.scene.Scene;
import org.ablebatch.core.work.Pulse;

/** Decides at reading size which pixels are subject. */
public interface SubjectFinder {
  /**
   * @param scene unchanged
   * @param pulse called between steps; may throw to stop
   * @return the region, possibly empty
   */
  SubjectRegion find(Scene scene, Pulse pulse);
}

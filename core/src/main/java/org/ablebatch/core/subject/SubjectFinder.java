package org.ablebatch.core.subject;

import org.ablebatch.core.scene.Scene;

/** Decides at reading size which pixels are subject. */
public interface SubjectFinder {
  /**
   * @param scene unchanged
   * @return the region, possibly empty
   */
  SubjectRegion find(Scene scene);
}

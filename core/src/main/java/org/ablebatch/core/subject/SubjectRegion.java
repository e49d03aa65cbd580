package org.ablebatch.core.subject;

import org.ablebatch.core.raster.Components;

/**
 * The subject as a yes-or-no region at reading size.
 *
 * @param subject true = kept
 * @param doubtful pixels whose side was decided on thin evidence
 * @param evidence what the pixel's own colour says: above 0 subject, below 0 backdrop, about 1 sure
 * @param gaps enclosed places that were opened
 * @param parts the connected parts of the subject
 */
public record SubjectRegion(
    int width,
    int height,
    boolean[] subject,
    boolean[] doubtful,
    float[] evidence,
    int gaps,
    Components parts) {
  public boolean isEmpty() {
    return parts.regions().isEmpty();
  }
}

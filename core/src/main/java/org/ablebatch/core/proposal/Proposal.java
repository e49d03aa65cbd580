package org.ablebatch.core.proposal;

import org.ablebatch.core.finding.Finding;
import org.ablebatch.core.finding.Mend;
import org.ablebatch.core.finding.Spot;
import org.ablebatch.core.mend.Edit;

/**
 * One way to mend what a finding is about.
 *
 * @param spot what would change, on the inspection's grid
 * @param pixels of the picture that it is about
 * @param facts that its odds are learned from
 */
public record Proposal(
    Finding finding, Mend.Goes goes, Edit edit, Spot spot, long pixels, float[] facts) {}

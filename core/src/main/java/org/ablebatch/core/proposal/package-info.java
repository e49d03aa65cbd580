/**
 * Mends that the program proposes: what a finding is about, as far as it hangs together, with the
 * edit that would put it right and how likely that makes the cutout better. Start from {@link
 * org.ablebatch.core.proposal.Examiner}.
 */
package org.ablebatch.core.proposal;

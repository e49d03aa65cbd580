package org.ablebatch.core.proposal;

import java.util.Optional;
import org.ablebatch.core.finding.Finding;
import org.ablebatch.core.mend.Edit;

/**
 * A finding with the edit that would mend it.
 *
 * @param edit there where the finding has a mend
 */
public record Examined(Finding finding, Optional<Edit> edit) {}

package org.ablebatch.core.mend;

import org.ablebatch.core.hint.Hint;

/** A stroke that says what lies under it; its surroundings are solved again. */
public record HintEdit(Hint hint) implements Edit {}

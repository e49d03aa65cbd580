/**
 * What the engine asks of a learned prior, and nothing of how one works. Start from {@link
 * org.ablebatch.core.prior.SubjectPrior}.
 */
package org.ablebatch.core.prior;

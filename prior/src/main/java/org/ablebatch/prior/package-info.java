/**
 * The learned priors behind core's {@link org.ablebatch.core.prior.SubjectPrior}, run by ONNX
 * Runtime. Start from {@link org.ablebatch.prior.LearnedPriors}.
 */
package org.ablebatch.prior;

/**
 * Errors as sentences for a person (RFC 9457). Start from {@link
 * org.ablebatch.server.problem.ProblemAdvice}.
 */
package org.ablebatch.server.problem;

/**
 * Finding the subject at reading size as a yes-or-no region. Soft edges are not this room's
 * business. Start from {@link org.ablebatch.core.subject.SubjectFinder}.
 */
package org.ablebatch.core.subject;

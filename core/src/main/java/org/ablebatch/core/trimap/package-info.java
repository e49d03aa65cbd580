/**
 * Sure subject, sure backdrop, undecided band. No coverage is computed here. Start from {@link
 * org.ablebatch.core.trimap.Trimap}.
 */
package org.ablebatch.core.trimap;

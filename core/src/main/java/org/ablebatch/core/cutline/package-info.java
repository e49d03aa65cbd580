/**
 * Lines along which a blade cuts a printed subject out: traced from its coverage, in millimetres.
 * Start from {@link org.ablebatch.core.cutline.CutLine}.
 */
package org.ablebatch.core.cutline;

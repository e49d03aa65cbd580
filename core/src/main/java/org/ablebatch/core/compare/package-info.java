/**
 * Two cutouts of one photograph held against each other, and one made of both. Start from {@link
 * org.ablebatch.core.compare.Comparison}.
 */
package org.ablebatch.core.compare;

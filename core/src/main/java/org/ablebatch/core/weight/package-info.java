/**
 * Files that must not weigh more than so much: how alike a compressed picture still is, palettes,
 * and the search for the best that fits. Start from {@link org.ablebatch.core.weight.WeightSearch}.
 */
package org.ablebatch.core.weight;

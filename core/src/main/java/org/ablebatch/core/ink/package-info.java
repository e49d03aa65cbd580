/**
 * Pen, brush and print on paper: coverage from how much light the ink takes away. Start from {@link
 * org.ablebatch.core.ink.InkOnPaper}.
 */
package org.ablebatch.core.ink;

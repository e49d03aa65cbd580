/**
 * Finished work, found again: every file that was ever delivered, its story, and what may be tidied
 * away. Start from {@link org.ablebatch.server.shelf.ShelfSearch}.
 */
package org.ablebatch.server.shelf;

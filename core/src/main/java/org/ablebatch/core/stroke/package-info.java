/**
 * Hand edits on a cutout as data, replayed to the same bytes every time. Start from {@link
 * org.ablebatch.core.stroke.EditReplay}.
 */
package org.ablebatch.core.stroke;

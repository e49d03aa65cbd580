/**
 * Pictures of a batch: taking files in, their facts, their versions, their bytes for the screen.
 * Start from {@link org.ablebatch.server.picture.Photo}.
 */
package org.ablebatch.server.picture;

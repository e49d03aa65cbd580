/**
 * Bytes in, upright sRGB pictures out, or a plain reason why not. No file names and no storage.
 * Start from {@link org.ablebatch.codec.read.PictureReader}.
 */
package org.ablebatch.codec.read;

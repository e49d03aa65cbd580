/**
 * Pictures and mattes in, file bytes out. What to write is decided elsewhere. Start from {@link
 * org.ablebatch.codec.write.PictureWriter}.
 */
package org.ablebatch.codec.write;

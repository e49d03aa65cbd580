/** Archives of pictures. Start from {@link org.ablebatch.codec.archive.PictureArchive}. */
package org.ablebatch.codec.archive;

/**
 * Keeping bytes by what they are. No pictures, no database. Start from {@link
 * org.ablebatch.server.storage.BlobStore}.
 */
package org.ablebatch.server.storage;

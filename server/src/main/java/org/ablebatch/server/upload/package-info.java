/**
 * Files on their way in: declared, sent in pieces that survive a lost connection, and read in the
 * background. Start from {@link org.ablebatch.server.upload.UploadService}.
 */
package org.ablebatch.server.upload;

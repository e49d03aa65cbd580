package org.ablebatch.server.picture;

import org.ablebatch.codec.read.FileKind;

/** A file that was read, checked and put into the store, but belongs to no batch yet. */
record TakenFile(
    String originalBlob,
    long bytes,
    FileKind kind,
    boolean shownByBrowsers,
    int width,
    int height,
    String thumbnailBlob,
    String previewBlob,
    IntakeFacts facts) {}

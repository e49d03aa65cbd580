package org.ablebatch.server.picture;

import java.util.List;

/** One page of pictures. */
record PageView(List<PictureView> content, int page, int size, long total) {}

/**
 * Delivered files: from a cutout, a look and a spec to bytes. The server and the command line both
 * make them here, so they make the same. Start from {@link org.ablebatch.codec.deliver.FileMaker}.
 */
package org.ablebatch.codec.deliver;

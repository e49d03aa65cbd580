package org.ablebatch.codec.write;

import org.ablebatch.core.deliver.FileWords;

/**
 * What a file holds beside its pixels.
 *
 * @param dpi dots an inch; null = it says nothing of them
 */
public record FileExtras(Integer dpi, FileWords words) {
  public static final FileExtras NONE = new FileExtras(null, FileWords.NONE);
}

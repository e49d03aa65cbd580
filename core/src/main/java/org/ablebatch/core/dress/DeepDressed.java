package org.ablebatch.core.dress;

/**
 * A dressed picture with 16 bits a channel.
 *
 * @param rgba sRGB, not premultiplied, 0..65535 without sign, row by row; clear pixels are all zero
 */
public record DeepDressed(int width, int height, short[] rgba) {}

/**
 * Colour spaces as pure functions on numbers: sRGB, linear light, OKLab. No pictures here. Start
 * from {@link org.ablebatch.core.color.Srgb}.
 */
package org.ablebatch.core.color;

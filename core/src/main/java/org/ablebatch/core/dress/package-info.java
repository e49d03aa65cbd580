/**
 * From a cutout to a composed picture: what is behind it and how it is fitted into a frame. Start
 * from {@link org.ablebatch.core.dress.Composer}.
 */
package org.ablebatch.core.dress;

/**
 * From a cutout to a composed picture under a look. Nothing here knows files or where letters come
 * from. Start from {@link org.ablebatch.core.dress.Dresser}.
 */
package org.ablebatch.core.dress;

/**
 * Everything that is read from a picture before the subject is sought. Start from {@link
 * org.ablebatch.core.scene.Scene}.
 */
package org.ablebatch.core.scene;

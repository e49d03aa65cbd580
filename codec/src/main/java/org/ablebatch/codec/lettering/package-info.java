/**
 * Letters: the shipped families and how a text is set with them, on a machine without any font of
 * its own. Nothing here knows looks beyond their texts. Start from {@link
 * org.ablebatch.codec.lettering.ShippedLetters}.
 */
package org.ablebatch.codec.lettering;

/**
 * What is known about the backdrop of a photograph: its smooth surface, its noise, its kind.
 * Nothing here decides what the subject is. Start from {@link
 * org.ablebatch.core.backdrop.BackdropReader}.
 */
package org.ablebatch.core.backdrop;

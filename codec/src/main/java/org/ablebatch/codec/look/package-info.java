/**
 * Looks as files: JSON in and out, with a sentence for what can't be one. What a look means is
 * core's business. Start from {@link org.ablebatch.codec.look.LookFile}.
 */
package org.ablebatch.codec.look;

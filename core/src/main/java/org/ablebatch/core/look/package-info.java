/**
 * What a look is: an ordered list of parts with their settings, as data. Nothing here draws; that
 * is {@link org.ablebatch.core.dress.Dresser}'s. Start from {@link org.ablebatch.core.look.Look}.
 */
package org.ablebatch.core.look;

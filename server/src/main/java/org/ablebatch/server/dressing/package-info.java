/**
 * The batch's look and what it makes of a picture. Start from {@link
 * org.ablebatch.server.dressing.DressingService}.
 */
package org.ablebatch.server.dressing;

/**
 * The shelf of looks: kept by name, in versions. What a look makes of a picture is the dressing
 * room's. Start from {@link org.ablebatch.server.look.LookService}.
 */
package org.ablebatch.server.look;

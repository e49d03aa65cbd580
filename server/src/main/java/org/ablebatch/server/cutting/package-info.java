/**
 * The queue that cuts pictures in the background. What a cut is, core knows. Start from {@link
 * org.ablebatch.server.cutting.CutQueue}.
 */
package org.ablebatch.server.cutting;

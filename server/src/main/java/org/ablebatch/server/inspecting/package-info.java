/**
 * Cutouts looked over for faults. Start from {@link org.ablebatch.server.inspecting.InspectJob}.
 */
package org.ablebatch.server.inspecting;

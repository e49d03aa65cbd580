/**
 * Grids of numbers: pictures, mattes, planes, plus the neighbourhood operations on them. Nothing
 * here knows what a subject is. Start from {@link org.ablebatch.core.raster.Picture}.
 */
package org.ablebatch.core.raster;

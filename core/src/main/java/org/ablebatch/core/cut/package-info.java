/**
 * The front door of the engine: a picture in, a cutout or a plain reason out. Start from {@link
 * org.ablebatch.core.cut.Cutter}.
 */
package org.ablebatch.core.cut;

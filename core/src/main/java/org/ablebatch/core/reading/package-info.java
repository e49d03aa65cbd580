/**
 * The picture at reading size: small planes in linear light and OKLab that decisions are made on.
 * No decisions here. Start from {@link org.ablebatch.core.reading.AreaShrink}.
 */
package org.ablebatch.core.reading;

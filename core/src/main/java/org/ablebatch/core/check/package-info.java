/** How far a cutout can be trusted. Start from {@link org.ablebatch.core.check.Confidence}. */
package org.ablebatch.core.check;

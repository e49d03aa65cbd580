/**
 * Mending a cutout by hand. An edit is data; carried out over the same cutout in the same order,
 * edits give the same bytes every time. Start from {@link org.ablebatch.core.mend.Mender}.
 */
package org.ablebatch.core.mend;

/**
 * Coverage at full resolution inside the undecided band, with the clean colours that go with it.
 * Start from {@link org.ablebatch.core.matting.BandMatting}.
 */
package org.ablebatch.core.matting;

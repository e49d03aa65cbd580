/**
 * The test strip: a few pictures by a few methods before the whole batch is cut. What is cut here
 * is not cut again. Start from {@link org.ablebatch.server.strip.StripService}.
 */
package org.ablebatch.server.strip;

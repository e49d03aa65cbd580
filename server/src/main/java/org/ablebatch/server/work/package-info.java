/** Threads that wait for something to do. Start from {@link org.ablebatch.server.work.Bell}. */
package org.ablebatch.server.work;

/**
 * Who may use the application as long as nobody signs in: pages of its own, under the names that it
 * serves, and programs that are no browser. Start from {@link
 * org.ablebatch.server.access.AccessConfiguration}.
 */
package org.ablebatch.server.access;

/**
 * Deliveries on their way to a shop: file by file, with patience, each only once. Start from {@link
 * org.ablebatch.server.sending.SendingService}.
 */
package org.ablebatch.server.sending;

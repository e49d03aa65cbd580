/**
 * A batch's ticket as a file, to be used again for another batch. Start from {@link
 * org.ablebatch.server.ticket.TicketService}.
 */
package org.ablebatch.server.ticket;

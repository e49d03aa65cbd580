/**
 * Mends that the program proposes, and what people answer: taken, they become edits by hand;
 * refused, the finding is said to be right.
 */
package org.ablebatch.server.proposing;

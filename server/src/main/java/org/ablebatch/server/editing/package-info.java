/** Edits as they stand on the wire and in the database, from and to those of core. */
package org.ablebatch.server.editing;

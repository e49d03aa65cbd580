/**
 * The command {@code able}: the engine on files, without a server or a database. Start from {@link
 * org.ablebatch.cli.Able}.
 */
package org.ablebatch.cli;

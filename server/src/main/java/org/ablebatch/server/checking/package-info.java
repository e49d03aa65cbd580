/**
 * People's verdicts and their way back. Start from {@link
 * org.ablebatch.server.checking.VerdictService}.
 */
package org.ablebatch.server.checking;

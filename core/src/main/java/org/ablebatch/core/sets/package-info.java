/**
 * Which pictures belong together: a code and a group for each, from its name or from a list. Start
 * from {@link org.ablebatch.core.sets.NamePattern}.
 */
package org.ablebatch.core.sets;

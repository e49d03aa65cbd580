/**
 * What can be seen of a region without knowing the truth, and how wrong it is expected to be. Start
 * from {@link org.ablebatch.core.judge.RegionFacts}.
 */
package org.ablebatch.core.judge;

/** Speed of the engine by JMH. Start from {@link org.ablebatch.bench.speed.SpeedCommand}. */
package org.ablebatch.bench.speed;

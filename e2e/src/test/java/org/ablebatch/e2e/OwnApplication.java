package org.ablebatch.e2e;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.ResourceLock;

/**
 * For tests that start applications themselves, to kill, restart or cut the power; one of them runs
 * at a time, beside one that uses the {@linkplain SharedApplication shared application}.
 */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@ExtendWith(OneForAll.class)
@ResourceLock("an application of one's own")
@Order(1)
@interface OwnApplication {}

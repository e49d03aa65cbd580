package org.ablebatch.core.naming;

import java.util.Map;

/**
 * What is known of a picture when its file is named.
 *
 * @param originalName as it came, any characters
 * @param code null = none
 * @param group null = none
 * @param columns what the batch's list says of it
 * @param number its place in the delivery, from 1
 * @param numberInGroup its place among those of its group, from 1
 */
public record Named(
    String originalName,
    String code,
    String group,
    Map<String, String> columns,
    int number,
    int numberInGroup) {}

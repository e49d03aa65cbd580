/**
 * What a buyer asks of a file, what it will be called, and what will be lost on the way. Pixels are
 * made in {@code dress}. Start from {@link org.ablebatch.core.deliver.Spec}.
 */
package org.ablebatch.core.deliver;

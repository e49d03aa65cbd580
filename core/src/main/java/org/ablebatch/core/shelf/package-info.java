/**
 * How finished work is found again by words. Start from {@link
 * org.ablebatch.core.shelf.SearchWords}.
 */
package org.ablebatch.core.shelf;

/**
 * A shop that takes finished files over HTTP, so that sending can be tried and tested without one.
 * Start from {@link org.ablebatch.standin.StandInShop}.
 */
package org.ablebatch.standin;

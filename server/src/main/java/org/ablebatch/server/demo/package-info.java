/**
 * The made-up batches that a new installation starts with. Start from {@link
 * org.ablebatch.server.demo.DemoStory}.
 */
package org.ablebatch.server.demo;

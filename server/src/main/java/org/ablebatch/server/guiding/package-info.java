/** What a person says about how to cut a picture, and what the engine found under that. */
package org.ablebatch.server.guiding;

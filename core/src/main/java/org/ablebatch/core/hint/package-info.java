/** What a person says about a picture before it is cut: strokes that mark sides and edges. */
package org.ablebatch.core.hint;

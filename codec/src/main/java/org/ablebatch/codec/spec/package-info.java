/**
 * Specs as JSON, as docs/spec-file.md describes them: in files, on the wire, and the common ones
 * that ship. Start from {@link org.ablebatch.codec.spec.SpecFile}.
 */
package org.ablebatch.codec.spec;

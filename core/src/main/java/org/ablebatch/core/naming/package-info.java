/**
 * Names of files: put together from parts, safe on every usual file system, and none given twice.
 * Start from {@link org.ablebatch.core.naming.FileNames}.
 */
package org.ablebatch.core.naming;

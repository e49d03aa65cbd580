/** Rules for sending files to somebody who may not answer. */
package org.ablebatch.core.send;

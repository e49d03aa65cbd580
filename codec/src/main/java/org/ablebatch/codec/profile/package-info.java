/** Colour profiles of files. Start from {@link org.ablebatch.codec.profile.SrgbProfile}. */
package org.ablebatch.codec.profile;

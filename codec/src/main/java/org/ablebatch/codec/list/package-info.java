/** Lists of pictures with codes, groups and words, as spreadsheets write them. */
package org.ablebatch.codec.list;

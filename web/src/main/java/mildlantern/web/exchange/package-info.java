/**
 * Bringing plants and entries in from tables, giving everything out as tables and as one archive, and taking an archive in.
 */
@NullMarked
package mildlantern.web.exchange;

import org.jspecify.annotations.NullMarked;

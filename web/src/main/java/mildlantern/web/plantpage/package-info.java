/**
 * One plant on one page: its plate, its strip of time, its care sheet, its needs beside what its stop gives.
 *
 * <p>From what the rooms of plants, log, routine and photos answer.
 *
 * <p>It must not write anything but a photo, and no other room leans on it.
 */
@NullMarked
package mildlantern.web.plantpage;

import org.jspecify.annotations.NullMarked;

/**
 * Reminders that leave the house: what is due as a calendar feed, and the morning message.
 *
 * <p>From courses, planned steps, cases and the routine to events of the days ahead.
 *
 * <p>It must not know how any of these days was worked out.
 */
@NullMarked
package mildlantern.web.reminders;

import org.jspecify.annotations.NullMarked;

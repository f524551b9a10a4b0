/** Work of the hands that has a day: what was planned after a cut, a pot or a cutting, and errands that cases and seasons ask for. */
@NullMarked
package mildlantern.web.task;

import org.jspecify.annotations.NullMarked;

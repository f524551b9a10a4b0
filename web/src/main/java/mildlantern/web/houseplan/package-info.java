/**
 * The house as one plan: its page with dials, its drawing, what is ahead, and the planning of large houses while nobody waits.
 * It must not know how a change of care is stored: what is accepted goes through the room of care.
 */
@NullMarked
package mildlantern.web.houseplan;

import org.jspecify.annotations.NullMarked;

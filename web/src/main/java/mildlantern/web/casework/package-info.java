/**
 * Cases: what was seen, which causes it speaks for, the one change that is tried, the look again, the close.
 *
 * <p>From answers and the plant's record, by the core's diagnosis.
 *
 * <p>It must not know courses of treatment or the round.
 */
@NullMarked
package mildlantern.web.casework;

import org.jspecify.annotations.NullMarked;

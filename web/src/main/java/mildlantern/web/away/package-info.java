/**
 * When the grower is away: the plan, the sheet for a helper, and the return.
 *
 * <p>From dates and who waters to what is done before, on which days somebody comes and what gets how much; after that to the order in which plants are looked
 * at, and to what was missed in the record.
 *
 * <p>It must not know how water is reckoned.
 */
@NullMarked
package mildlantern.web.away;

import org.jspecify.annotations.NullMarked;

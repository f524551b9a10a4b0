/** What growers have at hand: a page to search it, and its answer as a card on the page that asks whether something may be used. */
@NullMarked
package mildlantern.web.remedy;

import org.jspecify.annotations.NullMarked;

/** Care that adjusts: what each plant needs against what it gets, the one change that helps most, and the steps to another stop. */
@NullMarked
package mildlantern.web.care;

import org.jspecify.annotations.NullMarked;

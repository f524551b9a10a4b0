/** The mixing bench: every dilution, dose and blend as a page whose inputs stand in the address, and the same as JSON. */
@NullMarked
package mildlantern.web.mixing;

import org.jspecify.annotations.NullMarked;

/** The air and light desk: what a place gives and what would change it. */
@NullMarked
package mildlantern.web.climate;

import org.jspecify.annotations.NullMarked;

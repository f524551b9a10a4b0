/** New plants from one that is kept: how and when, the plants that come of it with their days, and how many of them grew on. */
@NullMarked
package mildlantern.web.propagation;

import org.jspecify.annotations.NullMarked;

/** Treating: the pest clock, courses and their steps, the grower's own products, isolation and contacts. */
@NullMarked
package mildlantern.web.treatment;

import org.jspecify.annotations.NullMarked;

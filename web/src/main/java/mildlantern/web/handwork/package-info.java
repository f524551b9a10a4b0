/** What is done with scissors: whether a damaged leaf is kept, trimmed or taken off, with the cut drawn. */
@NullMarked
package mildlantern.web.handwork;

import org.jspecify.annotations.NullMarked;

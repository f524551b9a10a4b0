/** What a differential, a page and a start cost. */
@NullMarked
package mildlantern.bench;

import org.jspecify.annotations.NullMarked;

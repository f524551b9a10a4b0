/** The pest clock: how a pest grows at a temperature, and what uses of one means do to it. */
@NullMarked
package mildlantern.web.pestclock;

import org.jspecify.annotations.NullMarked;

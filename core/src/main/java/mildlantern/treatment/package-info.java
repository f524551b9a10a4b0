/**
 * What can be done: trials with their instructions, holds and the day to look again.
 * Answers what one change can be offered and what must wait meanwhile; from the knowledge base.
 */
@NullMarked
package mildlantern.treatment;

import org.jspecify.annotations.NullMarked;

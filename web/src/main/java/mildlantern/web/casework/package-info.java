/**
 * Cases: findings, causes, trials, looking again, closing.
 */
@NullMarked
package mildlantern.web.casework;

import org.jspecify.annotations.NullMarked;

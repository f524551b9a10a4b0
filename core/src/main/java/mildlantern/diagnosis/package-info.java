/**
 * What can be the matter: findings, evidence, differential, explanation, next looks.
 * Answers how likely each cause is, why, and which look would tell most; from a plant's record and what was seen,
 * by exact inference over all sets of up to three causes.
 */
@NullMarked
package mildlantern.diagnosis;

import org.jspecify.annotations.NullMarked;

/**
 * What a plant is and how it stands: profiles, growth forms, needs, media, and the plant's state as a record.
 * Answers what a kind of plant wants and what is known of one plant today; from the knowledge base.
 */
@NullMarked
package mildlantern.plant;

import org.jspecify.annotations.NullMarked;

/**
 * Reads the knowledge base, a folder of YAML files, entry by entry.
 * Answers what stands under a key, or fails with file and key; the rooms above build their own terms from it.
 */
@NullMarked
package mildlantern.knowledge;

import org.jspecify.annotations.NullMarked;

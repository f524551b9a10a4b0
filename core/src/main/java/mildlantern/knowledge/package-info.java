/**
 * Reads the knowledge base, a folder of YAML files, entry by entry.
 * Answers what stands under a key, or fails with file and key; the rooms above build their own terms from it. The ids of findings and
 * causes are its own, since every room names them and none owns both.
 */
@NullMarked
package mildlantern.knowledge;

import org.jspecify.annotations.NullMarked;

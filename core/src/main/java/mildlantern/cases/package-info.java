/**
 * Written-up cases: reads a folder of them, asks the diagnosis and judges the answers.
 * Answers whether the knowledge base still concludes what a good grower would; the command line lives here.
 */
@NullMarked
package mildlantern.cases;

import org.jspecify.annotations.NullMarked;

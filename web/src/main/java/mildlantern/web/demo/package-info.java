/**
 * The demo collection, made by the product's own rules from a fixed seed, ending today.
 */
@NullMarked
package mildlantern.web.demo;

import org.jspecify.annotations.NullMarked;
